<ol class="dj-steps">
    @foreach ($tests as $test)
        <li class="is-check is-{{ $test->state }}">
            @include('forms.open', ['form' => $page->form, 'kind' => 'test_done', 'id' => 'test-' . $test->key])
                <input type="hidden" name="test" value="{{ $test->key }}"><input type="hidden" name="passed"
                    value="1">
                <span><b>{{ $test->name }}</b><br>{{ $test->do }}. <i>Good: {{ lcfirst($test->good) }}.</i>
                    <small>{{ $test->note }}</small></span>
                @if ($test->inTheWay)
                    <em>Not now: {{ $test->inTheWay }}</em>
                @elseif (!$page->job->isClosed)
                    @include('stations.passes', ['what' => $test->name, 'isPassed' => $test->state === 'passed'])
                @endif
            </form>
        </li>
    @endforeach
</ol>
