<svg class="cut" viewBox="0 0 520 412" role="group" aria-label="Cutaway: {{ $state->family }}, {{ count($state->parts) }} numbered parts: {{ $state->sentence }}" data-needle="{{ $state->leaks ? 'open' : 'closed' }}" data-float="{{ $state->leaks ? 'down' : 'up' }}" id="cutaway">
    @include('drawings::cutaways.float-bowl.defs')
    @include('drawings::cutaways.float-bowl.void')
    @include('drawings::cutaways.float-bowl.fuel')
    @include('drawings::cutaways.float-bowl.behind')
    @include('drawings::cutaways.float-bowl.casting')
    @include('drawings::cutaways.float-bowl.passages')
    @include('drawings::cutaways.float-bowl.parts')
    @include('drawings::cutaways.float-bowl.flow')
    @include('drawings::cutaways.float-bowl.detail')
@include('drawings::cutaways.callouts', ['state' => $state, 'places' => [
    'inlet' => [17, 226, 56, 203],
    'seat' => [17, 262, 157, 215],
    'needle' => [17, 334, 163, 239],
    'float' => [50, 372, 150, 288],
    'pin' => [17, 298, 122, 252],
    'bowl' => [104, 393, 124, 348],
    'mainjet' => [172, 393, 234, 308],
    'emulsion' => [178, 18, 233, 140],
    'pilotjet' => [304, 393, 273, 303],
    'mixscrew' => [503, 236, 436, 253],
    'idleholes' => [503, 164, 424, 160],
    'choke' => [104, 18, 106, 114],
    'venturi' => [226, 18, 240, 84],
    'throttle' => [503, 112, 397, 117],
    'idlespeed' => [262, 36, 289, 36],
    'vent' => [399, 268, 392, 187.5],
    'mainscrew' => [238, 404, 236, 383],
]])
</svg>
