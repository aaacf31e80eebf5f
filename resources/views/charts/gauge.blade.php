<svg class="gauge" viewBox="8 6 224 226" role="img" aria-label="{{ $gauge->label }}" data-gauge
    data-full="{{ $gauge->full }}">
    <circle class="bez" cx="120" cy="120" r="109" />
    <circle class="face" cx="120" cy="120" r="101" />
    <path class="hz" d="{{ $gauge->hazardArc }}" />
    <path class="ok" d="{{ $gauge->passArc }}" />
    @foreach ($gauge->ticks as $tick)
        <path class="{{ $tick['major'] ? 'M' : 'm' }}" d="{{ $tick['path'] }}" />
    @endforeach
    @foreach ($gauge->numbers as $number)
        <text class="n" x="{{ $number['x'] }}" y="{{ $number['y'] }}">{{ $number['text'] }}</text>
    @endforeach
    @foreach ($gauge->inner as $mark)
        <path class="m" d="{{ $mark['path'] }}" /><text class="k" x="{{ $mark['x'] }}"
            y="{{ $mark['y'] }}">{{ $mark['text'] }}</text>
    @endforeach
    <path class="m" d="M83.94 156.06A51 51 0 1 1 156.06 156.06" fill="none" />
    <text class="u" x="120" y="198">{{ $gauge->unit }}</text><text class="u2" x="120" y="165">kPa</text>
    @if ($gauge->startDegrees !== null)
        <g transform="rotate({{ $gauge->startDegrees }} 120 120)">
            <path class="was" d="M120 116V30" />
        </g>
    @endif
    <g transform="rotate({{ $gauge->pointerDegrees }} 120 120)" data-pointer>
        <path class="ptr" d="M117 146L118.600 28H121.400L123 146Z" />
    </g>
    <circle class="hub" cx="120" cy="120" r="11" />
    <path class="hs" d="M111 124L129 116" />
    <g transform="rotate({{ $gauge->targetDegrees }} 120 120)">
        <path class="tgt" transform="translate(120 16)" d="M-6 -7H6L0 5Z" />
    </g>
</svg>
