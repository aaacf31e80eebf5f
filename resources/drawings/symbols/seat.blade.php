{{-- The seat a needle closes from below: its orifice at the origin. --}}
<g data-part="seat" class="{{ $state->css('seat') }}" transform="translate({{ $at[0] }} {{ $at[1] }}) rotate({{ $turn ?? 0 }})"><path class="brass" d="M-14 -14H-4.5V-2L-9 8H-14ZM14 -14H4.5V-2L9 8H14Z" /><path class="fuel circ-fuel" d="M-4.5 -14H4.5V-2L8.5 7H-8.5L-4.5 -2Z" /></g>
