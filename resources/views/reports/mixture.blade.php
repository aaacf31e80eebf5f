{{-- The run as a picture that carries its own colors: paper has no style sheet. --}}
<svg xmlns="http://www.w3.org/2000/svg" width="{{ $run->chart->on->width }}" height="{{ $run->chart->on->height }}"
    viewBox="0 0 {{ $run->chart->on->width }} {{ $run->chart->on->height }}" font-family="DejaVu Sans" font-size="13">
    @foreach ($run->chart->levels as $level)
        <path fill="none" stroke="#b4bfba" d="M{{ $run->chart->on->left }} {{ $level['y'] }}H{{ $run->chart->on->right }}" />
        <text text-anchor="end" x="{{ $run->chart->on->left - 8 }}" y="{{ $level['y'] + 5 }}"
            fill="#44534c">{{ $level['text'] }}</text>
    @endforeach
    <rect x="{{ $run->chart->on->left }}" y="{{ $run->chart->band['y'] }}" width="{{ $run->chart->on->plotWidth() }}"
        height="{{ $run->chart->band['height'] }}" fill="#dcebe6" />
    @foreach ($run->chart->turns as $mark)
        <path fill="none" stroke="#121d18" d="M{{ $mark['x'] }} {{ $run->chart->on->bottom }}v6" />
        <text text-anchor="middle" x="{{ $mark['x'] }}" y="{{ $run->chart->on->bottom + 22 }}"
            fill="#121d18">{{ $mark['text'] }}</text>
    @endforeach
    <path fill="none" stroke="#121d18" stroke-width="1.6"
        d="M{{ $run->chart->on->left }} {{ $run->chart->on->bottom }}H{{ $run->chart->on->right }}" />
    <path fill="none" stroke="#121d18" stroke-width="2.4" d="{{ $run->chart->curve }}" />
    @foreach ($run->chart->points as $point)
        <circle cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="4.5" fill="#ffffff" stroke="#121d18" stroke-width="1.6" />
    @endforeach
    @foreach ($run->chart->heard as $heard)
        <text text-anchor="middle" x="{{ $heard['x'] }}" y="{{ $run->chart->on->bottom - 10 }}"
            fill="#44534c">{{ $heard['side'] }}</text>
    @endforeach
    @if ($run->chart->marks->nextX !== null)
        <rect x="{{ $run->chart->marks->nextX - 56 }}" y="{{ $run->chart->marks->nextY }}" width="112" height="27"
            fill="#f2e3ac" stroke="#6b5310" />
        <text text-anchor="middle" x="{{ $run->chart->marks->nextX }}" y="{{ $run->chart->marks->nextY + 18 }}"
            fill="#121d18">{{ $run->chart->marks->nextText }}</text>
    @endif
    <text x="{{ $run->chart->on->left }}" y="{{ $run->chart->on->bottom + 42 }}"
        fill="#17477a">{{ $run->outIsRicher ? 'in' : 'out' }}, leaner</text>
    <text text-anchor="end" x="{{ $run->chart->on->right }}" y="{{ $run->chart->on->bottom + 42 }}"
        fill="#8a3f0c">{{ $run->outIsRicher ? 'out' : 'in' }}, richer</text>
</svg>
