<div class="dj-lens">
    @if ($page->work->open->picture)
        <x-pictures.good-bad :name="$page->work->open->picture" />
    @endif
    <p><b>{{ $page->work->open->do }}</b> <span>Good: {{ lcfirst($page->work->open->good) }}.</span> <small>{{ $page->work->open->why }}</small>
        @if ($page->work->open->outFirst)
            <small>First off: {{ $page->work->open->outFirst }}.</small>
        @endif
    </p>
    @if ($page->work->open->caution)
        <p class="dj-fine"><x-icons.hazard />{{ $page->work->open->caution }}</p>
    @endif
    @unless ($page->isClosed)
        <x-forms.entry :form="$page->form" kind="part_inspected" :id="'verdict-'.$page->work->open->key" class="dj-verdictform">
            <input type="hidden" name="inspection" value="{{ $page->work->open->key }}"><input type="hidden" name="condition" value="sound">
            <div class="dj-field"><label for="reason">What you saw</label><input class="form-control" id="reason" name="reason" maxlength="300" value="{{ $page->work->open->reason }}" autocomplete="off"></div>
            <div class="keys">
                @foreach ($page->work->open->verdicts as $verdict)
                    <button type="submit" class="btn btn-secondary" name="condition" value="{{ $verdict['value'] }}" data-key="{{ $verdict['letter'] }}" @if ($verdict['isSaid']) aria-pressed="true" @endif>@if ($verdict['isSaid'])<x-icons.tick />@endif {{ $verdict['label'] }} <kbd class="dj-kbd">{{ strtoupper($verdict['letter']) }}</kbd></button>
                @endforeach
            </div>
        </x-forms.entry>
    @endunless
</div>
