@props(['at', 'turn' => 0, 'size' => 1])

@foreach ($at as $place)
    <path class="chev" transform="translate({{ $place[0] }} {{ $place[1] }}) rotate({{ $place[2] ?? $turn }}) scale({{ $size }})" d="M-5 -6L3 0L-5 6" />
@endforeach
