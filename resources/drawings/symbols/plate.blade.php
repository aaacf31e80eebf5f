@props(['part', 'state', 'at', 'length', 'turn' => 0])

{{-- A throttle or choke plate on its shaft, across the bore when turn is 0. --}}
<g data-part="{{ $part }}" class="{{ $state->css($part) }}"><g transform="rotate({{ $turn }} {{ $at[0] }} {{ $at[1] }})"><rect class="plate" x="{{ $at[0] - 2 }}" y="{{ $at[1] - $length / 2 }}" width="4" height="{{ $length }}" rx="1.5" /></g><circle class="steel" cx="{{ $at[0] }}" cy="{{ $at[1] }}" r="6.5" />{{ $slot }}</g>
