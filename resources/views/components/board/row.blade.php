@props(['job'])

<li><a class="dj-job" href="{{ $job->href }}"><span class="no">{{ $job->number }}</span><span class="mc"><b>{{ $job->machine }}</b><small>{{ $job->complaint }}</small></span><span class="ln"><x-board.mini :job="$job" /><small>{{ $job->station }}@if ($job->stale), {{ $job->stale }} to re-check @endif</small></span><span class="nm"><b>{{ $job->move }}</b></span><span class="mi"><b>{{ $job->minutes }}</b> min</span><span class="du"><small>{{ $job->isLate ? 'late' : 'promised' }}</small><b>{{ $job->promised }}</b></span></a></li>
