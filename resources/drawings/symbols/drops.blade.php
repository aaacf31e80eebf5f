@props(['at', 'turn' => 0, 'size' => 0.8])

@foreach ($at as $place)
    <path class="fdrop" transform="translate({{ $place[0] }} {{ $place[1] }}) rotate({{ $place[2] ?? $turn }}) scale({{ $size }})" d="M5 0L-3.5 -4V4Z" />
@endforeach
