<svg class="strip" viewBox="0 0 {{ $chart->paper->width }} {{ $chart->paper->height }}" role="img"
    aria-label="{{ $chart->label }}">
    <defs>
        <pattern id="settle-{{ $id }}" width="7" height="7" patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)">
            <path class="sl" d="M0 0V7" />
        </pattern>
    </defs>
    @foreach ($chart->levels as $level)
        <path class="g" d="M30 {{ $level['y'] }}H{{ $chart->paper->right() }}" /><text class="ax"
            text-anchor="end" x="25" y="{{ $level['y'] + 4.5 }}">{{ $level['text'] }}</text>
    @endforeach
    @foreach ($chart->times as $time)
        <path class="g h" d="M{{ $time['x'] }} 8V{{ $chart->paper->bottom() }}" /><text class="ax"
            text-anchor="middle" x="{{ $time['x'] }}"
            y="{{ $chart->paper->bottom() + 15 }}">{{ $time['text'] }}</text>
    @endforeach
    @if ($chart->settleWidth > 0)
        <rect class="settle" fill="url(#settle-{{ $id }})" x="30" y="8"
            width="{{ $chart->settleWidth }}" height="{{ $chart->paper->bottom() - 8 }}" />
    @endif
    @if ($chart->settleWidth > 40)
        <text class="ax sm" x="34" y="{{ $chart->paper->bottom() - 6 }}">settle</text>
    @endif
    <path class="limit" d="{{ $chart->lines->limit }}" />
    <path class="band" d="{{ $chart->lines->band }}" />
    <path class="fit" d="{{ $chart->lines->fit }}" />
    <path class="fit ext" d="{{ $chart->lines->ahead }}" />
    <path class="dots pre" d="{{ $chart->dots(true) }}" />
    <path class="dots in pre" d="{{ $chart->dots(true) }}" />
    <path class="dots" d="{{ $chart->dots(false) }}" />
    <path class="dots in" d="{{ $chart->dots(false) }}" />
    <path class="endl" d="M{{ $chart->ends->x }} {{ $chart->ends->y - 9 }}V{{ $chart->ends->y + 9 }}" />
    <text class="lt" x="{{ $chart->paper->right() + 5 }}" y="{{ $chart->ends->limitLabelY }}">limit
        {{ $chart->ends->limitText }}</text>
    <text class="ft" x="{{ $chart->paper->right() + 5 }}"
        y="{{ $chart->ends->labelY }}">{{ $chart->ends->time }}</text><text class="ft big"
        x="{{ $chart->paper->right() + 5 }}" y="{{ $chart->ends->labelY + 17 }}">{{ $chart->ends->text }}</text>
</svg>
