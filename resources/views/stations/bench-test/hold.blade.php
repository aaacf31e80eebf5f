<section class="dj-bay bay-work" aria-label="Bench test">
    <div class="dj-tests dj-runs" role="group" aria-label="Runs of the hold test">
        <p aria-current="true">
            <b>{{ $work->name }}</b><small>{{ count($work->runs) ? $work->runs[0]['name'] . ', ' . $work->runs[0]['note'] : 'to do, 3 min' }}</small>
        </p>
        @foreach (array_slice($work->runs, 1) as $run)
            <p><b>{{ $run['name'] }}</b><small>{{ $run['note'] }}</small></p>
        @endforeach
    </div>
    <div class="dj-bench">
        <x-instruments.gauge :gauge="$work->gauge" />
        <div class="dj-read">
            <div class="now"><output data-reading>{{ $work->reading->now }}</output><span><span
                        data-unit-name>{{ $work->reading->unit }}</span><br><small
                        data-in-kpa>{{ $work->reading->inKpa }}</small></span>
            </div>
            <dl>
                <div>
                    <dt>Start</dt>
                    <dd data-start>{{ $work->reading->start }}</dd>
                </div>
                <div>
                    <dt>Lost</dt>
                    <dd data-lost>{{ $work->reading->lost }}</dd>
                </div>
                <div>
                    <dt>Clock</dt>
                    <dd data-clock>{{ $work->reading->clock }}</dd>
                </div>
            </dl>
            <div class="dj-tap" @if ($work->live->watch) hidden @endif><label for="tap" class="visually-hidden">Gauge reading now</label><input
                    class="form-control" id="tap" inputmode="decimal" placeholder="reading" autocomplete="off"
                    data-tap><button type="button" class="btn btn-secondary" data-act="tap">Log <kbd
                        class="dj-kbd">Enter</kbd></button></div>
        </div>
    </div>
    @includeWhen($work->live->watch, 'stations.bench-test.live')
    @includeUnless($work->live->watch, 'stations.bench-test.last-run')
    @include('stations.bench-test.measures')
    <details class="dj-more">
        <summary>Other tests of this family <small>{{ count($work->tests) }}</small></summary><x-sheet.tests
            :page="$page" :tests="$work->tests" />
    </details>
</section>
