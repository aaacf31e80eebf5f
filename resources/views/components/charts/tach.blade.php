@props(['tach'])

<svg class="tbar" viewBox="0 0 316 74" role="img" aria-label="{{ $tach->label }}">
    <rect class="bt" x="20" y="26" width="276" height="16" />
    <rect class="bok" x="{{ $tach->bandX }}" y="26" width="{{ $tach->bandWidth }}" height="16" />
    @foreach ($tach->ticks as $tick)
        <path class="tk" d="M{{ $tick['x'] }} 42v9" /><text class="ax" text-anchor="middle"
            x="{{ $tick['x'] }}" y="67">{{ $tick['text'] }}</text>
    @endforeach
    <text class="okt" text-anchor="end" x="{{ $tach->bandX - 6 }}" y="18">wanted</text>
    @if ($tach->pointer !== null)
        <path class="pp" d="M{{ $tach->pointer - 8 }} 8H{{ $tach->pointer + 8 }}L{{ $tach->pointer }} 24Z" />
        <path class="ppl" d="M{{ $tach->pointer }} 22V44" />
    @endif
</svg>
