<section class="dj-bay bay-work" aria-labelledby="h-tests">
    <header class="bay-h">
        <h2 id="h-tests">Look and try</h2><span class="cnt">{{ $work->count }}</span>
    </header>
    <x-sheet.tests :page="$page" :tests="$work->tests" />
    @include('stations.bench-test.measures')
</section>
