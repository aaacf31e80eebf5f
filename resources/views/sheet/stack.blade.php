<figure class="dj-stack">
    <figcaption>{{ $stack->name }}, edge-on <small>body at the bottom</small></figcaption>
    <svg viewBox="0 0 420 {{ $stack->height }}" role="img" aria-label="{{ $stack->said }}">
        @foreach ($stack->layers as $layer)
            <g transform="translate(0 {{ $layer['y'] }})" class="is-{{ $layer['state'] }}">
                @include('drawings::symbols.layer.' . $layer['as'])<text x="208" y="16">{{ $layer['name'] }}</text></g>
        @endforeach
    </svg>
</figure>
