<section class="dj-bay" aria-labelledby="h-waiting">
    <header class="bay-h">
        <h2 id="h-waiting">Waiting</h2><span class="cnt">{{ count($page->waiting) }}</span>
    </header>
    @foreach ($page->waiting as $job)
        <a class="dj-wait" href="{{ $job->href }}"><span
                class="no">{{ $job->number }}</span><span><b>{{ $job->machine }}</b>
                <small>for {{ $job->wait->for }}, <em
                        @class(['is-late' => $job->wait->isOver])>{{ $job->wait->until }}</em></small></span></a>
    @endforeach
</section>
