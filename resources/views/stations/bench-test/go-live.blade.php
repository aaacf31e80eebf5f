@if ($work->live->isOffered)
    <details class="dj-more dj-golive">
        <summary>Live gauge <small>{{ count($work->live->gauges) + count($work->live->scenarios) > 0 ? 'watched for you' : 'none yet' }}</small></summary>
        @if ($work->live->gauges)
            <form method="post" action="{{ $work->live->store }}" hx-post="{{ $work->live->store }}" hx-target="#job"
                hx-swap="morph:outerHTML" hx-include="#{{ $work->live->purpose }}-form" hx-sync="this:drop" class="dj-tap">
                @csrf
                <div class="dj-field"><label for="live-instrument">Gauge on the rig</label><select
                        class="form-select" id="live-instrument" name="instrument">
                        @foreach ($work->live->gauges as $gauge)
                            <option value="{{ $gauge['id'] }}">{{ $gauge['name'] }}</option>
                        @endforeach
                    </select></div>
                <input type="hidden" name="purpose" value="{{ $work->live->purpose }}">
                <input type="hidden" name="look" value="{{ $page->form->look }}">
                <button type="submit" class="btn btn-secondary">Watch it</button>
            </form>
        @endif
        @if ($work->live->scenarios)
            <form method="post" action="{{ $work->live->standIns }}" hx-post="{{ $work->live->standIns }}"
                hx-target="#job" hx-swap="morph:outerHTML" hx-include="#{{ $work->live->purpose }}-form" hx-sync="this:drop" class="dj-tap">
                @csrf
                <div class="dj-field"><label for="live-scenario">A stand-in, for the demo</label><select
                        class="form-select" id="live-scenario" name="scenario">
                        @foreach ($work->live->scenarios as $scenario)
                            <option value="{{ $scenario['value'] }}">{{ $scenario['label'] }}</option>
                        @endforeach
                    </select></div>
                <input type="hidden" name="purpose" value="{{ $work->live->purpose }}">
                <input type="hidden" name="look" value="{{ $page->form->look }}">
                <button type="submit" class="btn btn-secondary">Start the stand-in</button>
            </form>
        @endif
        @if (!$work->live->gauges && !$work->live->scenarios)
            <p>The owner gives gauges their keys under Instruments on the board.</p>
        @endif
    </details>
@endif
