<section class="dj-live" aria-labelledby="h-live" data-live="{{ $work->live->watch }}"
    data-unit="{{ $work->live->unit }}" data-kpa="{{ $work->live->kilopascals }}">
    <header>
        <h3 id="h-live">{{ $work->live->name }}, live</h3><small>on this job since
            {{ $work->live->since }}</small>
        <form id="live-form" method="post" action="{{ $work->live->watch }}" hx-post="{{ $work->live->watch }}" hx-target="#job"
            hx-swap="morph:outerHTML" hx-sync="this:drop">
            @csrf
            @method('delete')
            <button type="submit" class="btn btn-secondary">Stop watching</button>
        </form>
    </header>
    <p class="dj-prompt" role="status" data-prompt>Waiting for the gauge.</p>
    <svg class="strip dj-livepaper" viewBox="0 0 452 120" role="img" aria-label="The hold so far" data-paper>
        <path class="g" d="M30 100H440M30 8V100" />
        <text class="ax" text-anchor="end" x="25" y="13" data-top></text>
        <text class="ax" text-anchor="end" x="25" y="103" data-bottom></text>
        <text class="ax" text-anchor="end" x="440" y="115" data-last></text>
        <path class="fit" d="" data-line />
    </svg>
    <div class="dj-verdict is-watch" data-verdict hidden><b data-word></b><span class="val"
            data-value></span><span class="sub"><i data-note></i></span></div>
    <p class="dj-facts" data-age></p>
</section>
