{{-- The inlet needle under its seat, point up; open is down. --}}
<g data-part="needle" class="{{ $state->css('needle') }} p-needle"><g transform="translate({{ $at[0] }} {{ $at[1] }}) rotate({{ $turn ?? 0 }})"><path class="brass" d="M-7 13H7V30L3 36H-3L-7 30Z" /><path class="edge" d="M-7 19H7M-7 27H7" /><path class="rubber" d="M-7 13L-2.2 0.5Q0 -2 2.2 0.5L7 13Z" /></g></g>
