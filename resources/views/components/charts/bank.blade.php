@props(['chart'])

<svg class="bank" viewBox="0 0 640 352" role="img" aria-label="{{ $chart->label }}">
    @foreach ($chart->levels as $level)
        <path class="g" d="M56 {{ $level['y'] }}H600" /><text class="ax" text-anchor="end" x="48"
            y="{{ $level['y'] + 5 }}">{{ $level['text'] }}</text>
    @endforeach
    <text class="ax" x="8" y="44">inHg</text>
    @if ($chart->band)
        <rect class="tol" x="56" y="{{ $chart->band['y'] }}" width="544" height="{{ $chart->band['height'] }}" />
        <path class="tl"
            d="M56 {{ $chart->band['y'] }}H600M56 {{ $chart->band['y'] + $chart->band['height'] }}H600" />
        <text class="tlt" x="606" y="{{ $chart->band['y'] + 1 }}">{{ $chart->band['high'] }}</text><text class="tlt"
            x="606"
            y="{{ $chart->band['y'] + $chart->band['height'] + 12 }}">{{ $chart->band['low'] }}</text>
    @endif
    @foreach ($chart->columns as $column)
        <g transform="translate({{ $column['x'] }} 0)">
            <rect class="tb0" x="-22" y="58" width="44" height="198" rx="8" />
            <path class="col" d="M-18 {{ $column['y'] }}H18V252H-18Z" />
            <rect class="tb1" x="-22" y="58" width="44" height="198" rx="8" />
            <text class="rd" y="36">{{ $column['read'] }}</text>
            <text class="nm" y="280">{{ $column['name'] }}</text>
            <g class="{{ $column['is'] }}"><text class="plt" y="318">{{ $column['says'] }}</text>
                @if ($column['is'] === 'go')
                    <path class="mark" d="M-46 328H46" />
                @endif
            </g>
        </g>
    @endforeach
</svg>
