@props(['job'])

<li>
    <a class="dj-job" href="{{ $job->href }}"><span class="no">{{ $job->number }}</span><span
            class="mc"><b>{{ $job->machine }}</b><small>{{ $job->complaint }}</small></span><span
            class="ln"><x-board.mini :line="$job->line" />
            @if ($job->clock->said)
                <small @class(['clk', 'is-due' => $job->clock->isDue])>@include('drawings::icons.clock'){{ $job->clock->said }}</small>
            @else
                <small>{{ $job->station }}</small>
            @endif
        </span><span class="nm"><b>{{ $job->move }}</b></span><span class="mi"><b>{{ $job->minutes }}</b>
            min</span><span @class(['du', 'is-late' => $job->promise->isLate])><small
                class="visually-hidden">{{ $job->promise->isLate ? 'late, promised' : 'promised' }}</small><b>{{
                    $job->promise->when }}</b>@if ($job->promise->isLate)<small aria-hidden="true">late</small>@endif</span></a>
</li>
