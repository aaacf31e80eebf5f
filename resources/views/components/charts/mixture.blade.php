@props(['chart', 'outIsRicher'])

<svg @class(['mixrun', 'is-narrow' => $chart->on->isNarrow]) viewBox="0 0 {{ $chart->on->width }} {{ $chart->on->height }}"
    role="img" aria-label="{{ $chart->label }}">
    @include('charts.mixture-patterns', ['ending' => $chart->on->isNarrow ? '-n' : ''])
    @foreach ($chart->levels as $level)
        <path class="g" d="M{{ $chart->on->left }} {{ $level['y'] }}H{{ $chart->on->right }}" />
        <text class="ax" text-anchor="end" x="{{ $chart->on->left - 8 }}"
            y="{{ $level['y'] + 5 }}">{{ $level['text'] }}</text>
    @endforeach
    @if ($chart->leanEdge !== null)
        <rect class="zl" x="{{ $chart->on->left }}" y="{{ $chart->on->top }}"
            width="{{ max(0, $chart->leanEdge - $chart->on->left) }}" height="{{ $chart->on->plotHeight() }}" />
        <rect class="zlh" x="{{ $chart->on->left }}" y="{{ $chart->on->top }}"
            width="{{ max(0, $chart->leanEdge - $chart->on->left) }}" height="{{ $chart->on->plotHeight() }}" />
        <path class="edge lean" d="M{{ $chart->leanEdge }} {{ $chart->on->top }}V{{ $chart->on->bottom }}" />
        <g class="zt lean"><text text-anchor="end" x="{{ $chart->leanEdge - 8 }}" y="28">LEAN EDGE</text></g>
    @endif
    @if ($chart->richEdge !== null)
        <rect class="zr" x="{{ $chart->richEdge }}" y="{{ $chart->on->top }}"
            width="{{ max(0, $chart->on->right - $chart->richEdge) }}" height="{{ $chart->on->plotHeight() }}" />
        <rect class="zrh" x="{{ $chart->richEdge }}" y="{{ $chart->on->top }}"
            width="{{ max(0, $chart->on->right - $chart->richEdge) }}" height="{{ $chart->on->plotHeight() }}" />
        <path class="edge rich" d="M{{ $chart->richEdge }} {{ $chart->on->top }}V{{ $chart->on->bottom }}" />
        <g class="zt rich"><text x="{{ $chart->richEdge + 8 }}" y="28">RICH EDGE</text></g>
    @endif
    <rect class="tb" x="{{ $chart->on->left }}" y="{{ $chart->band['y'] }}" width="{{ $chart->on->plotWidth() }}"
        height="{{ $chart->band['height'] }}" /><text class="tbt" x="{{ $chart->on->left + 8 }}"
        y="{{ $chart->band['y'] + $chart->band['height'] - 6 }}">wanted</text>
    @foreach ($chart->turns as $mark)
        <path class="{{ $mark['quarter'] ? 'aq' : 'ae' }}"
            d="M{{ $mark['x'] }} {{ $chart->on->bottom }}v{{ $mark['quarter'] ? 9 : 5 }}" /><text @class(['ax q', 'w' => $mark['whole']])
            text-anchor="middle" x="{{ $mark['x'] }}" y="{{ $chart->on->bottom + 25 }}">{{ $mark['text'] }}</text>
    @endforeach
    <path class="axl" d="M{{ $chart->on->left }} {{ $chart->on->bottom }}H{{ $chart->on->right }}" /><text class="end lean" x="{{ $chart->on->left }}"
        y="{{ $chart->on->bottom + 44 }}">{{ $outIsRicher ? 'in' : 'out' }},
        leaner</text><text class="end rich" text-anchor="end" x="{{ $chart->on->right }}"
        y="{{ $chart->on->bottom + 44 }}">{{ $outIsRicher ? 'out' : 'in' }},
        richer</text>
    @if ($chart->marks->interval)
        <rect class="iv" x="{{ $chart->marks->interval['x'] }}" y="{{ $chart->on->bottom - 8 }}" width="{{ $chart->marks->interval['width'] }}"
            height="8" />
    @endif
    <path class="cv" d="{{ $chart->curve }}" />
    @if ($chart->peak)
        <path class="pk" d="M{{ $chart->peak->x }} {{ $chart->peak->y }}v-{{ $chart->peak->tick }}" /><text class="pkt"
            text-anchor="middle" x="{{ $chart->peak->x }}"
            y="{{ $chart->peak->labelY }}">{{ $chart->peak->text }}</text>
    @endif
    @foreach ($chart->heard as $heard)
        <g class="ear {{ $heard['side'] }}" transform="translate({{ $heard['x'] }} {{ $chart->on->bottom - 22 }})">
            @if ($heard['side'] === 'clean')
                <circle r="7" />
            @else
                <path d="{{ $heard['side'] === 'lean' ? 'M6-7L-7 0L6 7Z' : 'M-6-7L7 0L-6 7Z' }}" />
            @endif
        </g>
    @endforeach
    @foreach ($chart->points as $point)
        @if ($point['now'])
            <path class="nowd" d="M{{ $point['x'] }} {{ $point['y'] }}V{{ $chart->on->bottom }}" />
            <circle class="now" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="10" /><text class="nowt"
                text-anchor="{{ $point['isLeft'] ? 'end' : 'start' }}"
                x="{{ $point['x'] + ($point['isLeft'] ? -15 : 15) }}" y="{{ $point['labelY'] }}">{{ $point['label'] }}</text>
        @endif
        <circle class="pt" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="5" />
    @endforeach
    @foreach ([['B', $chart->marks->bookX], ['F', $chart->marks->foundX]] as [$letter, $x])
        @if ($x !== null)
            <g class="mk b" transform="translate({{ $x }} {{ $chart->on->bottom }})">
                <rect x="-9" y="-9" width="18" height="18" rx="{{ $letter === 'F' ? 9 : 2 }}" /><text
                    y="4.6">{{ $letter }}</text>
            </g>
        @endif
    @endforeach
    @if ($chart->marks->nextX !== null)
        <path class="nxd" d="M{{ $chart->marks->nextX }} {{ $chart->marks->nextY + 26 }}V{{ $chart->on->bottom - 10 }}" />
        <rect class="nxb" x="{{ $chart->marks->flagX - 56 }}" y="{{ $chart->marks->nextY }}" width="112" height="27"
            rx="3" /><text class="nxt" x="{{ $chart->marks->flagX }}"
            y="{{ $chart->marks->nextY + 19 }}">{{ $chart->marks->nextText }}</text>
    @endif
</svg>
