<section class="dj-bay bay-work dj-cleanbay dj-split" aria-labelledby="h-clean">
    <div class="dj-now">
        <header class="bay-h">
            <h2 id="h-clean">Clean and look</h2><span class="cnt">{{ $work->count }}</span>
        </header>
        @if ($work->open)
            @include('stations.clean.lens')
        @else
            <p class="dj-story"><b>{{ $work->judged ? 'All looked at.' : 'Nothing to look at.' }}</b>
                {{ $work->judged ? 'Any of them can be judged again.' : 'It was not taken apart.' }}</p>
        @endif
        @includeWhen(!$page->job->isClosed && count($work->left) > 1, 'stations.clean.rest')
        @include('stations.clean.clocks')
    </div>
    <div class="dj-later">
        @if ($work->parts)
            <h3 class="dj-sub">Parts</h3>
            @include('sheet.looks', ['rows' => $work->parts])
        @endif
        @if ($work->passages)
            <h3 class="dj-sub">Passage map</h3>
            @include('sheet.looks', ['rows' => $work->passages])
        @endif
        @if ($work->judged)
            <details class="dj-more" @if ($work->isJudgedOpen) open @endif>
                <summary>Looked at <small>{{ count($work->judged) }}</small></summary>
                @include('sheet.looks', ['rows' => $work->judged])
            </details>
        @endif
        @include('stations.clean.parts')
    </div>
</section>
