<nav class="dj-tests {{ $class ?? '' }}" aria-label="Screws">
    @foreach ($work->tabs as $tab)
        <a href="{{ $tab['href'] }}"
            @if ($tab['selected']) aria-current="true" @endif><b>{{ $tab['name'] }}</b><small>{{ $tab['note'] }}</small></a>
    @endforeach
</nav>
