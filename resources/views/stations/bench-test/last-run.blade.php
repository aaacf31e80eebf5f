@if ($card->last)
    <div class="dj-verdict {{ $card->last->verdict->class }}" role="status">
        @include('drawings::icons.' . $card->last->verdict->icon)<b>{{ $card->last->verdict->word }}</b><span
            class="val">{{ $card->last->verdict->value }} <small>{{ $card->last->verdict->unit }}</small></span><span
            class="sub"><i>{{ $card->last->verdict->band }}</i><i>{{ $card->last->verdict->limit }}</i></span></div>
@endif
@if ($card->last?->wide)
    <div class="dj-chart">
        <div class="only-wide">@include('charts.strip', ['chart' => $card->last->wide, 'id' => 'wide'])</div>
        <div class="only-narrow">@include('charts.strip', ['chart' => $card->last->narrow, 'id' => 'narrow'])</div>
    </div>
    <p class="dj-facts">{{ $card->last->facts }}</p>
@else
    <p class="dj-story"><b>No run yet.</b> {{ $card->setup }} Pump slowly to the mark, start the run, and log
        the gauge every ten seconds; or type readings, or take them from a file.</p>
@endif
@if ($card->pair)
    <table class="dj-ledger dj-pair">
        <caption>{{ $card->pair->says }}</caption>
        <tbody>
            <tr>
                <th scope="row">Dry</th>
                <td>{{ $card->pair->dry }}</td>
            </tr>
            <tr>
                <th scope="row">Wet</th>
                <td>{{ $card->pair->wet }}</td>
            </tr>
        </tbody>
    </table>
@endif
@if ($card->runs)
    <ul class="dj-runs" aria-label="Runs of the hold test">
        @foreach ($card->runs as $run)
            <li><b>{{ $run['name'] }}</b> <small>{{ $run['note'] }}</small></li>
        @endforeach
    </ul>
@endif
@include('stations.bench-test.go-live')
@include('stations.bench-test.hold-form')
