@if ($live->watch)
    <div class="dj-livebar" data-tach="{{ $live->watch }}" data-turn="{{ $live->turn }}">
        <p role="status" data-said>Waiting for the instrument.</p>
        @if ($live->turn)
            <p class="heard" role="status" data-heard></p>
            <button type="button" class="btn btn-secondary dj-proposes" data-throttle
                aria-pressed="{{ $live->isThrottleOpen ? 'true' : 'false' }}">Full throttle</button>
        @endif
        <form id="live-form" method="post" action="{{ $live->watch }}" hx-post="{{ $live->watch }}" hx-target="#job"
            hx-swap="morph:outerHTML" hx-sync="this:drop">
            @csrf
            @method('delete')
            <button type="submit" class="btn btn-secondary" aria-label="Stop {{ $live->name }}">Stop</button>
        </form>
    </div>
@endif
