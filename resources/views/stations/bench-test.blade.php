<section class="dj-bay bay-work" aria-label="Bench test">
    <div class="dj-tests dj-runs" role="group" aria-label="Runs of the hold test">
        <p aria-current="true"><b>{{ $page->work->name }}</b><small>{{ count($page->work->runs) ? $page->work->runs[0]['name'].', '.$page->work->runs[0]['note'] : 'to do, 3 min' }}</small></p>
        @foreach (array_slice($page->work->runs, 1) as $run)
            <p><b>{{ $run['name'] }}</b><small>{{ $run['note'] }}</small></p>
        @endforeach
    </div>
    <div class="dj-bench">
        <x-instruments.gauge :gauge="$page->work->gauge" />
        <div class="dj-read">
            <div class="now"><output data-reading>{{ $page->work->reading }}</output><span><span data-unit-name>{{ $page->work->unit }}</span><br><small>{{ $page->work->inKpa }}</small></span></div>
            <dl><div><dt>Start</dt><dd data-start>{{ $page->work->start }}</dd></div><div><dt>Lost</dt><dd data-lost>{{ $page->work->lost }}</dd></div><div><dt>Clock</dt><dd data-clock>{{ $page->work->clock }}</dd></div></dl>
            <div class="dj-tap"><label for="tap" class="visually-hidden">Gauge reading now</label><input class="form-control" id="tap" inputmode="decimal" placeholder="reading" autocomplete="off" data-tap><button type="button" class="btn btn-secondary" data-act="tap">Log <kbd class="dj-kbd">Enter</kbd></button></div>
        </div>
    </div>
    @if ($page->work->verdict)
        <div class="dj-verdict {{ $page->work->verdict->class }}" role="status"><x-dynamic-component :component="'icons.'.$page->work->verdict->icon" /><b>{{ $page->work->verdict->word }}</b><span class="val">{{ $page->work->verdict->value }} <small>{{ $page->work->verdict->unit }}</small></span><span class="sub"><i>{{ $page->work->verdict->band }}</i><i>{{ $page->work->verdict->limit }}</i></span></div>
    @endif
    @if ($page->work->wide)
        <div class="dj-chart"><div class="only-wide"><x-charts.strip :chart="$page->work->wide" id="wide" /></div><div class="only-narrow"><x-charts.strip :chart="$page->work->narrow" id="narrow" /></div></div>
        <p class="dj-facts">{{ $page->work->facts }}</p>
    @else
        <p class="dj-story"><b>No run yet.</b> {{ $page->work->setup }} Pump slowly to the mark, start the run, and log the gauge every ten seconds; or type readings, or take them from a file.</p>
    @endif
    @include('stations.hold-form')
    <details class="dj-more"><summary>Other tests of this family <small>{{ count($page->work->tests) }}</small></summary><x-sheet.tests :page="$page" /></details>
</section>
