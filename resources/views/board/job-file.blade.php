<section class="dj-bay" aria-labelledby="h-import">
    <header class="bay-h">
        <h2 id="h-import">Job file</h2>
    </header>
    <form class="dj-form" method="post" action="{{ route('job-files.store') }}"
        enctype="multipart/form-data">@csrf<div class="dj-field"><label for="job-file">Take in a job
                from another bench</label><input class="form-control" type="file" id="job-file"
                name="file" accept=".json,application/json" required></div><button
            class="btn btn-secondary" type="submit">Import</button></form>
    @if ($page->backup)
        <p class="dj-clear">
            @if ($page->backup->isDue)
                @include('drawings::icons.hazard')
            @else
                @include('drawings::icons.tick')
            @endif
            <span>{{ $page->backup->said }}</span>
        </p>
    @endif
</section>
