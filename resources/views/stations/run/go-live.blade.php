@if ($live->isOffered && ($live->instruments || $live->mayStandIn))
    <details class="dj-more dj-golive dj-proposes">
        <summary>Live {{ $live->purpose === 'speed' ? 'tachometer' : 'vacuum set' }}</summary>
        @if ($live->instruments)
            <form method="post" action="{{ $live->store }}" hx-post="{{ $live->store }}" hx-target="#job"
                hx-swap="morph:outerHTML" hx-sync="this:drop" class="dj-tap">
                @csrf
                <div class="dj-field"><label for="run-instrument">On the engine</label><select class="form-select"
                        id="run-instrument" name="instrument">
                        @foreach ($live->instruments as $instrument)
                            <option value="{{ $instrument['id'] }}">{{ $instrument['name'] }}</option>
                        @endforeach
                    </select></div>
                <input type="hidden" name="purpose" value="{{ $live->purpose }}">
                <button type="submit" class="btn btn-secondary">Watch it</button>
            </form>
        @endif
        @if ($live->mayStandIn)
            <form method="post" action="{{ $live->standIns }}" hx-post="{{ $live->standIns }}" hx-target="#job"
                hx-swap="morph:outerHTML" hx-sync="this:drop" class="dj-tap">
                @csrf
                <input type="hidden" name="purpose" value="{{ $live->purpose }}">
                <button type="submit" class="btn btn-secondary">Practice on a virtual engine</button>
            </form>
        @endif
    </details>
@endif
