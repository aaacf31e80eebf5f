@if ($work->verdict)
    <div class="dj-verdict {{ $work->verdict->class }}" role="status">
        @include('drawings::icons.' . $work->verdict->icon)<b>{{ $work->verdict->word }}</b><span
            class="val">{{ $work->verdict->value }} <small>{{ $work->verdict->unit }}</small></span><span
            class="sub"><i>{{ $work->verdict->band }}</i><i>{{ $work->verdict->limit }}</i></span></div>
@endif
@if ($work->wide)
    <div class="dj-chart">
        <div class="only-wide"><x-charts.strip :chart="$work->wide" id="wide" /></div>
        <div class="only-narrow"><x-charts.strip :chart="$work->narrow" id="narrow" /></div>
    </div>
    <p class="dj-facts">{{ $work->facts }}</p>
@else
    <p class="dj-story"><b>No run yet.</b> {{ $work->setup }} Pump slowly to the mark, start the run, and log
        the gauge every ten seconds; or type readings, or take them from a file.</p>
@endif
@include('stations.bench-test.go-live')
@include('stations.bench-test.hold-form')
