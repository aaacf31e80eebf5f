<section class="dj-bay bay-work" aria-label="Bench test">
    <nav class="dj-tests dj-benchtabs" aria-label="Tests of the bench">
        @foreach ($work->tabs as $tab)
            <a href="{{ $tab['href'] }}"
                @if ($tab['isShown']) aria-current="true" @endif><b>{{ $tab['name'] }}</b><small>{{ $tab['note'] }}</small></a>
        @endforeach
    </nav>
    @if ($page->job->isClosed)
        <p class="dj-readonly">Handed back: this is how the bench was left.</p>
    @endif
    <fieldset id="tab" class="dj-benchtab" @disabled($page->job->isClosed)>
        @includeWhen($work->gauge, 'stations.bench-test.gauge', ['plate' => $work->gauge])
        @includeWhen($work->live?->watch, 'stations.bench-test.live')
        @include($work->card->view(), ['card' => $work->card])
        @includeWhen($work->how, 'stations.bench-test.unfolding', ['how' => $work->how])
        @if ($work->tests)
            @include('sheet.tests', ['tests' => $work->tests])
        @endif
    </fieldset>
</section>
