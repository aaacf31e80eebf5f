@props(['job'])

<li>
    <a class="dj-job" href="{{ $job->href }}"><span class="no">{{ $job->number }}</span><span
            class="mc"><b>{{ $job->machine }}</b><small>{{ $job->complaint }}</small></span><span
            class="ln"><x-board.mini :line="$job->line" /><small>{{ $job->station }}</small>
            @if ($job->clock->said)
                <small @class(['clk', 'is-due' => $job->clock->isDue])>@include('drawings::icons.clock'){{ $job->clock->said }}</small>
            @endif
        </span><span class="nm"><b>{{ $job->move }}</b></span><span class="mi"><b>{{ $job->minutes }}</b>
            min</span><span
            class="du"><small>{{ $job->promise->isLate ? 'late' : 'promised' }}</small><b>{{ $job->promise->when }}</b></span></a>
</li>
