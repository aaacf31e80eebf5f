@unless ($work->live->watch)
    @include('stations.bench-test.last-run')
@endunless
