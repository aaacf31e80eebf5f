@foreach ($at as $place)
    <path class="fdrop" transform="translate({{ $place[0] }} {{ $place[1] }}) rotate({{ $place[2] ?? ($turn ?? 0) }}) scale({{ $size ?? 0.8 }})" d="M5 0L-3.5 -4V4Z" />
@endforeach
