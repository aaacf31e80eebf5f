<div class="dj-lens">
    @if ($work->open->picture)
        @include('drawings::pictures.good-bad', ['name' => $work->open->picture])
    @endif
    <p><b>{{ $work->open->do }}</b> <span>Good: {{ lcfirst($work->open->good) }}.</span>
        <small>{{ $work->open->why }}</small>
        @if ($work->open->outFirst)
            <small>First off: {{ $work->open->outFirst }}.</small>
        @endif
    </p>
    @if ($work->open->caution)
        <p class="dj-fine">@include('drawings::icons.hazard'){{ $work->open->caution }}</p>
    @endif
    @unless ($page->job->isClosed)
        @include('forms.open', [
            'form' => $page->form,
            'kind' => 'part_inspected',
            'id' => 'verdict-' . $work->open->key,
            'class' => 'dj-verdictform',
        ])
            <input type="hidden" name="inspection" value="{{ $work->open->key }}"><input type="hidden" name="condition"
                value="sound">
            <div class="dj-field"><label for="reason">What you saw</label><input class="form-control" id="reason"
                    name="reason" maxlength="300" value="{{ $work->open->reason }}" autocomplete="off"></div>
            <div class="keys">
                @foreach ($work->open->verdicts as $verdict)
                    <button type="submit" class="btn btn-secondary" name="condition" value="{{ $verdict['value'] }}"
                        data-key="{{ $verdict['letter'] }}"
                        @if ($verdict['isSaid']) aria-pressed="true" @endif>
                        @if ($verdict['isSaid'])
                            @include('drawings::icons.tick')
                        @endif {{ $verdict['label'] }} <kbd
                            class="dj-kbd">{{ strtoupper($verdict['letter']) }}</kbd>
                    </button>
                @endforeach
            </div>
        </form>
    @endunless
</div>
