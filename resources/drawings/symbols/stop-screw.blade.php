@props(['part', 'state', 'at', 'adjuster', 'turn' => 0])

{{-- An idle stop: its point at the origin meets the cam, its head to the right; in is to the left. --}}
<g data-part="{{ $part }}" class="{{ $state->css($part) }}" transform="translate({{ $at[0] }} {{ $at[1] }}) rotate({{ $turn }})"><path class="steel" d="M62 -4.5H4Q0 -1 0 0Q0 1 4 4.5H62Z" /><path class="edge" d="M10 4l2-8M16 4l2-8M22 4l2-8M28 4l2-8M34 4l2-8M40 4l2-8" /><path class="spring" d="M50 8L54 -8M56 8L60 -8M62 8L66 -8" /><path class="brassface" d="M68 -12V12H80Q84 12 84 8V-8Q84 -12 80 -12Z" /><path class="slot" d="M84 0H76" /></g>
