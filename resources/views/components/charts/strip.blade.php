@props(['chart', 'id'])

<svg class="strip" viewBox="0 0 {{ $chart->width }} {{ $chart->height }}" role="img" aria-label="{{ $chart->label }}">
    <defs><pattern id="settle-{{ $id }}" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="sl" d="M0 0V7" /></pattern></defs>
    @foreach ($chart->levels as $level)
        <path class="g" d="M30 {{ $level['y'] }}H{{ $chart->right }}" /><text class="ax" text-anchor="end" x="25" y="{{ $level['y'] + 4.5 }}">{{ $level['text'] }}</text>
    @endforeach
    @foreach ($chart->times as $time)
        <path class="g h" d="M{{ $time['x'] }} 8V{{ $chart->bottom }}" /><text class="ax" text-anchor="middle" x="{{ $time['x'] }}" y="{{ $chart->bottom + 15 }}">{{ $time['text'] }}</text>
    @endforeach
    @if ($chart->settleWidth > 0)
        <rect class="settle" fill="url(#settle-{{ $id }})" x="30" y="8" width="{{ $chart->settleWidth }}" height="{{ $chart->bottom - 8 }}" />
    @endif
    @if ($chart->settleWidth > 40)
        <text class="ax sm" x="34" y="{{ $chart->bottom - 6 }}">settle</text>
    @endif
    <path class="limit" d="{{ $chart->limit }}" /><path class="band" d="{{ $chart->band }}" /><path class="fit" d="{{ $chart->fit }}" /><path class="fit ext" d="{{ $chart->ahead }}" />
    @foreach ($chart->points as $point)
        <circle @class(['pt', 'pre' => $point['early']]) cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="{{ $point['early'] ? 1.9 : 2.3 }}" />
    @endforeach
    <path class="endl" d="M{{ $chart->endX }} {{ $chart->endY - 9 }}V{{ $chart->endY + 9 }}" />
    <text class="lt" x="{{ $chart->right + 5 }}" y="{{ $chart->limitLabelY }}">limit {{ $chart->limitText }}</text>
    <text class="ft" x="{{ $chart->right + 5 }}" y="{{ $chart->endLabelY }}">{{ $chart->endTime }}</text><text class="ft big" x="{{ $chart->right + 5 }}" y="{{ $chart->endLabelY + 17 }}">{{ $chart->endText }}</text>
</svg>
