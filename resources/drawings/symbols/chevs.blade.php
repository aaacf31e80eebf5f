@foreach ($at as $place)
    <path class="chev" transform="translate({{ $place[0] }} {{ $place[1] }}) rotate({{ $place[2] ?? ($turn ?? 0) }}) scale({{ $size ?? 1 }})" d="M-5 -6L3 0L-5 6" />
@endforeach
