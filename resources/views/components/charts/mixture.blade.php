@props(['chart', 'outIsRicher'])

<svg class="mixrun" viewBox="0 0 936 240" role="img" aria-label="{{ $chart->label }}">
    <defs>
        <pattern id="z-lean" width="9" height="9" patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)">
            <path class="zpl" d="M0 0V9" />
        </pattern>
        <pattern id="z-rich" width="10" height="10" patternUnits="userSpaceOnUse">
            <circle class="zpr" cx="3" cy="3" r="1.7" />
            <circle class="zpr" cx="8" cy="8" r="1.7" />
        </pattern>
    </defs>
    @foreach ($chart->levels as $level)
        <path class="g" d="M62 {{ $level['y'] }}H920" /><text class="ax" text-anchor="end" x="54"
            y="{{ $level['y'] + 5 }}">{{ $level['text'] }}</text>
    @endforeach
    @if ($chart->leanEdge !== null)
        <rect class="zl" x="62" y="8" width="{{ max(0, $chart->leanEdge - 62) }}" height="186" />
        <rect class="zlh" x="62" y="8" width="{{ max(0, $chart->leanEdge - 62) }}" height="186" />
        <path class="edge lean" d="M{{ $chart->leanEdge }} 8V194" />
        <g class="zt lean"><text text-anchor="end" x="{{ $chart->leanEdge - 8 }}" y="28">LEAN EDGE</text></g>
    @endif
    @if ($chart->richEdge !== null)
        <rect class="zr" x="{{ $chart->richEdge }}" y="8" width="{{ max(0, 920 - $chart->richEdge) }}"
            height="186" />
        <rect class="zrh" x="{{ $chart->richEdge }}" y="8" width="{{ max(0, 920 - $chart->richEdge) }}"
            height="186" />
        <path class="edge rich" d="M{{ $chart->richEdge }} 8V194" />
        <g class="zt rich"><text x="{{ $chart->richEdge + 8 }}" y="28">RICH EDGE</text></g>
    @endif
    <rect class="tb" x="62" y="{{ $chart->band['y'] }}" width="858"
        height="{{ $chart->band['height'] }}" /><text class="tbt" x="70"
        y="{{ $chart->band['y'] + $chart->band['height'] - 6 }}">wanted</text>
    @foreach ($chart->turns as $mark)
        <path class="{{ $mark['quarter'] ? 'aq' : 'ae' }}"
            d="M{{ $mark['x'] }} 194v{{ $mark['quarter'] ? 9 : 5 }}" /><text @class(['ax q', 'w' => $mark['whole']])
            text-anchor="middle" x="{{ $mark['x'] }}" y="219">{{ $mark['text'] }}</text>
    @endforeach
    <path class="axl" d="M62 194H920" /><text class="end lean" x="62" y="236">{{ $outIsRicher ? 'in' : 'out' }},
        leaner</text><text class="end rich" text-anchor="end" x="920" y="236">{{ $outIsRicher ? 'out' : 'in' }},
        richer</text>
    @if ($chart->marks->interval)
        <rect class="iv" x="{{ $chart->marks->interval['x'] }}" y="186" width="{{ $chart->marks->interval['width'] }}"
            height="8" />
    @endif
    <path class="cv" d="{{ $chart->curve }}" />
    @if ($chart->peak)
        <path class="pk" d="M{{ $chart->peak->x }} {{ $chart->peak->y - 14 }}v10" /><text class="pkt"
            text-anchor="middle" x="{{ $chart->peak->x }}"
            y="{{ $chart->peak->labelY }}">{{ $chart->peak->text }}</text>
    @endif
    @foreach ($chart->heard as $heard)
        <g class="ear {{ $heard['side'] }}" transform="translate({{ $heard['x'] }} 172)">
            @if ($heard['side'] === 'clean')
                <circle r="7" />
            @else
                <path d="{{ $heard['side'] === 'lean' ? 'M6-7L-7 0L6 7Z' : 'M-6-7L7 0L-6 7Z' }}" />
            @endif
        </g>
    @endforeach
    @foreach ($chart->points as $point)
        @if ($point['now'])
            <path class="nowd" d="M{{ $point['x'] }} {{ $point['y'] }}V194" />
            <circle class="now" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="10" /><text class="nowt"
                x="{{ $point['x'] + 15 }}" y="{{ $point['y'] + 22 }}">{{ $point['label'] }}</text>
        @endif
        <circle class="pt" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="5" />
    @endforeach
    @foreach ([['B', $chart->marks->bookX], ['F', $chart->marks->foundX]] as [$letter, $x])
        @if ($x !== null)
            <g class="mk b" transform="translate({{ $x }} 194)">
                <rect x="-9" y="-9" width="18" height="18" rx="{{ $letter === 'F' ? 9 : 2 }}" /><text
                    y="4.6">{{ $letter }}</text>
            </g>
        @endif
    @endforeach
    @if ($chart->marks->nextX !== null)
        <path class="nxd" d="M{{ $chart->marks->nextX }} 150V184" />
        <rect class="nxb" x="{{ $chart->marks->nextX - 56 }}" y="146" width="112" height="27"
            rx="3" /><text class="nxt" x="{{ $chart->marks->nextX }}"
            y="165">{{ $chart->marks->nextText }}</text>
    @endif
</svg>
