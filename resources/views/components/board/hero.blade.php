@props(['job'])

<div class="dj-hero">
    <span class="no">{{ $job->number }}</span>
    <div class="t"><b>{{ $job->machine }}</b><small>{{ $job->complaint }}. Promised
            {{ $job->promise->inLine }}{{ $job->promise->isLate ? ', late' : '' }}</small>
        <div class="hl"><x-board.mini :line="$job->line" /><small>{{ $job->station }}</small>
            @if ($job->clock->said)
                <small @class(['clk', 'is-due' => $job->clock->isDue])>@include('drawings::icons.clock'){{ $job->clock->said }}</small>
            @endif
        </div>
    </div>
    <div class="do">
        <p>{{ $job->move }}</p><a class="btn btn-primary" href="{{ $job->href }}" data-next>Go,
            {{ $job->minutes }} min <kbd class="dj-kbd">N</kbd></a>
    </div>
</div>
