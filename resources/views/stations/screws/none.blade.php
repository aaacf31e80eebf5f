<section class="dj-bay bay-work" aria-label="{{ $page->station->label() }}">
    <header class="bay-h">
        <h2>{{ $page->station->label() }}</h2>
    </header>
    <p class="dj-story"><b>{{ $work->say }}</b></p>
    @includeWhen($page->station->value === 'as-found', 'stations.photos')
</section>
