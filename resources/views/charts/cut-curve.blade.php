<svg class="strip dj-cutcurve" viewBox="0 0 320 150" role="img" aria-label="{{ $curve->label }}">
    @foreach ($curve->levels as $level)
        <path class="g" d="M34 {{ $level['y'] }}H310" /><text class="ax" text-anchor="end" x="29"
            y="{{ $level['y'] + 4.5 }}">{{ $level['text'] }}</text>
    @endforeach
    @foreach ($curve->coils as $coil)
        <text class="ax" text-anchor="middle" x="{{ $coil['x'] }}" y="145">{{ $coil['text'] }}</text>
    @endforeach
    <path class="band" d="{{ $curve->band }}" />
    <path class="fit" d="{{ $curve->line }}" />
    @foreach ($curve->popped as $dot)
        <circle class="pt" cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}" r="4.5" />
    @endforeach
    <text class="ax" text-anchor="end" x="310" y="20">psi against coils cut</text>
</svg>
