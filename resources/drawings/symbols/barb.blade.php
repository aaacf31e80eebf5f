@props(['part', 'state', 'at', 'turn' => 0, 'fill' => 'fuel'])

{{-- A hose barb: its body end at the origin, its mouth to the left. --}}
<g data-part="{{ $part }}" class="{{ $state->css($part) }}" transform="translate({{ $at[0] }} {{ $at[1] }}) rotate({{ $turn }})"><path class="brass" d="M-56 -9H-48L-44 -6.500H-36L-32 -9H-24L-20 -6.500H0V6.500H-20L-24 9H-32L-36 6.500H-44L-48 9H-56Z" /><path class="chan {{ $fill }} circ-{{ $fill === 'pulse' ? 'pulse' : 'fuel' }}" d="M-56 -3.500H0V3.500H-56Z" /></g>
