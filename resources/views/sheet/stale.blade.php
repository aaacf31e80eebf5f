@if ($stale)
    <div class="dj-stale">
        <h3>@include('drawings::icons.drop')Re-check <small>{{ count($stale) }}</small></h3>
        @foreach ($stale as $item)
            <a href="{{ $item['href'] }}"><b>{{ $item['what'] }}</b><small>{{ $item['because'] }}</small><span>{{ $item['minutes'] }}
                    min</span></a>
        @endforeach
    </div>
@else
    <p class="dj-clear">@include('drawings::icons.tick')<span>Nothing to re-check on this job.</span></p>
@endif
