@props(['page'])

<ol class="dj-steps">
    @foreach ($page->work->tests as $test)
        <li class="is-check is-{{ $test->state }}">
            <x-forms.entry :form="$page->form" kind="test_done" :id="'test-'.$test->key">
                <input type="hidden" name="test" value="{{ $test->key }}"><input type="hidden" name="passed" value="1">
                <span><b>{{ $test->name }}</b><br>{{ $test->do }}. <i>Good: {{ lcfirst($test->good) }}.</i> <small>{{ $test->note }}</small></span>
                <button type="submit" class="btn btn-secondary" name="passed" value="1" aria-label="{{ $test->name }}: passes">@if ($test->state === 'passed')<x-icons.tick />@endif Passes</button>
                <button type="submit" class="btn btn-secondary" name="passed" value="0" aria-label="{{ $test->name }}: fails">Fails</button>
            </x-forms.entry>
        </li>
    @endforeach
</ol>
