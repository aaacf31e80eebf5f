<div class="dj-bench">
    @include('charts.gauge', ['gauge' => $plate->gauge])
    <div class="dj-read">
        <div class="now"><output data-reading>{{ $plate->reading->now }}</output><span><span
                    data-unit-name>{{ $plate->reading->unit }}</span><br><small
                    data-in-kpa>{{ $plate->reading->inKpa }}</small></span>
        </div>
        <dl>
            <div>
                <dt>Start</dt>
                <dd data-start>{{ $plate->reading->start }}</dd>
            </div>
            <div>
                <dt>Lost</dt>
                <dd data-lost>{{ $plate->reading->lost }}</dd>
            </div>
            <div>
                <dt>Clock</dt>
                <dd data-clock>{{ $plate->reading->clock }}</dd>
            </div>
        </dl>
        <div class="dj-tap" @if (!$plate->isTapped) hidden @endif><label for="tap" class="visually-hidden">Gauge reading now</label><input
                class="form-control" id="tap" inputmode="decimal" placeholder="reading" autocomplete="off"
                data-tap><button type="button" class="btn btn-secondary" data-act="tap">Log <kbd
                    class="dj-kbd">Enter</kbd></button></div>
    </div>
</div>
