{{-- The chart as a picture that carries its own colors: paper has no style sheet. --}}
<svg xmlns="http://www.w3.org/2000/svg" width="{{ $chart->paper->width }}" height="{{ $chart->paper->height }}"
    viewBox="0 0 {{ $chart->paper->width }} {{ $chart->paper->height }}" font-family="DejaVu Sans" font-size="9">
    @foreach ($chart->levels as $level)
        <path fill="none" stroke="#b4bfba" d="M30 {{ $level['y'] }}H{{ $chart->paper->right() }}" />
        <text text-anchor="end" x="25" y="{{ $level['y'] + 3 }}" fill="#44534c">{{ $level['text'] }}</text>
    @endforeach
    @foreach ($chart->times as $time)
        <path fill="none" stroke="#d5dcd9" d="M{{ $time['x'] }} 8V{{ $chart->paper->bottom() }}" />
        <text text-anchor="middle" x="{{ $time['x'] }}" y="{{ $chart->paper->bottom() + 12 }}"
            fill="#44534c">{{ $time['text'] }}</text>
    @endforeach
    <path fill="#d5dcd9" d="{{ $chart->lines->band }}" />
    <path fill="none" stroke="#0b6b62" stroke-width="1.6" stroke-dasharray="6 4" d="{{ $chart->lines->limit }}" />
    <path fill="none" stroke="#121d18" stroke-width="2" d="{{ $chart->lines->fit }}" />
    @foreach ($chart->points as $point)
        <circle cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="2.2" fill="#ffffff" stroke="#121d18" />
    @endforeach
    <text x="{{ $chart->paper->right() + 5 }}" y="{{ $chart->ends->limitLabelY }}" fill="#0b6b62">limit
        {{ $chart->ends->limitText }}</text>
    <text x="{{ $chart->paper->right() + 5 }}" y="{{ $chart->ends->labelY }}"
        fill="#121d18">{{ $chart->ends->time }}, {{ $chart->ends->text }} {{ $chart->unit }}</text>
</svg>
