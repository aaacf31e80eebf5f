@props(['job'])

<div class="dj-hero"><span class="no">{{ $job->number }}</span><div class="t"><b>{{ $job->machine }}</b><small>{{ $job->complaint }}. Promised {{ $job->promisedInLine }}{{ $job->isLate ? ', late' : '' }}</small><div class="hl"><x-board.mini :job="$job" /><small>{{ $job->station }}@if ($job->stale), {{ $job->stale }} to re-check @endif</small>@if ($job->clock)<small @class(['clk', 'is-due' => $job->isClockDue])><x-icons.clock />{{ $job->clock }}</small>@endif</div></div>
    <div class="do"><p>{{ $job->move }}</p><a class="btn btn-primary" href="{{ $job->href }}" data-next>Go, {{ $job->minutes }} min <kbd class="dj-kbd">N</kbd></a></div></div>
