@if ($work->last)
    <div class="dj-verdict {{ $work->last->verdict->class }}" role="status">
        @include('drawings::icons.' . $work->last->verdict->icon)<b>{{ $work->last->verdict->word }}</b><span
            class="val">{{ $work->last->verdict->value }} <small>{{ $work->last->verdict->unit }}</small></span><span
            class="sub"><i>{{ $work->last->verdict->band }}</i><i>{{ $work->last->verdict->limit }}</i></span></div>
@endif
@if ($work->last?->wide)
    <div class="dj-chart">
        <div class="only-wide"><x-charts.strip :chart="$work->last->wide" id="wide" /></div>
        <div class="only-narrow"><x-charts.strip :chart="$work->last->narrow" id="narrow" /></div>
    </div>
    <p class="dj-facts">{{ $work->last->facts }}</p>
@else
    <p class="dj-story"><b>No run yet.</b> {{ $work->setup }} Pump slowly to the mark, start the run, and log
        the gauge every ten seconds; or type readings, or take them from a file.</p>
@endif
@include('stations.bench-test.go-live')
@include('stations.bench-test.hold-form')
