<x-cutaways.frame :state="$state" :width="560" :height="420" data-pulse="draw">
 <path class="void" d="M130 60H430V362H130Z"/>
 <g class="layer-casting">
  <path class="cover" d="M120 66Q120 58 128 58H432Q440 58 440 66V118H418V82H284V66H276V82H142V118H120Z"/>
  <path class="cast" d="M120 130H146V172H414V130H440V232H120Z"/>
  <path class="cover" d="M120 244H440V362H120ZM146 244V326H268V262H292V326H414V244Z" fill-rule="evenodd"/>
 </g>
 <g class="layer-fuel circ-fuel"><path class="fuel" d="M146 248H268V326H146ZM292 248H414V326H292Z"/><path class="fuel" d="M146 172V186H196V240H216V186H344V240H364V186H414V172Z"/><path class="fuel" d="M146 140H414V186H146Z"/></g>
 <path class="pulse" d="M142 84H418V120H142Z"/>
 <g class="layer-passages"><path class="wall" d="M196 232V186H146M216 232V186H344V232M364 232V186H414M146 172V186M414 172V186"/><path class="wall" d="M146 248V326H268V262M292 262V326H414V248"/></g>
 <g class="layer-parts">
  @include('drawings::symbols.barb', ['part' => 'inlet', 'at' => [124, 300]])
  <path class="fuel circ-fuel" d="M122 296H148V304H122Z"/>
  @include('drawings::symbols.barb', ['part' => 'outlet', 'at' => [436, 300], 'turn' => 180])
  <path class="fuel circ-fuel" d="M412 296H438V304H412Z"/>
  <g data-part="screen" class="{{ $state->css('screen') }}"><path class="mesh" d="M150 274H264"/></g>
  <g data-part="pump" class="{{ $state->css('pump') }}"><path class="membrane" d="M120 238H192M222 238H340M370 238H440"/><path class="plate" d="M276 238V252H284V238Z"/></g>
  <g data-part="flapin" class="{{ $state->css('flapin') }}"><path class="membrane flap" d="M192 238Q208 234 220 222"/></g>
  <g data-part="flapout" class="{{ $state->css('flapout') }}"><path class="membrane flap" d="M340 238H368"/></g>
  <g data-part="pulsedia" class="{{ $state->css('pulsedia') }}"><path class="membrane" d="M120 124H142C160 124 168 112 200 112H360C392 112 400 124 418 124H440"/><path class="steel" d="M236 106H324V111H236ZM236 113H324V118H236Z"/></g>
  <g data-part="pumpspring" class="{{ $state->css('pumpspring') }}"><path class="spring" d="M262 120L298 127L262 134L298 141L262 148L298 155L262 162L298 169"/></g>
  <g data-part="vent" class="{{ $state->css('vent') }}"><path class="void" d="M276 57H284V83H276Z"/><path class="wall" d="M276 58V82M284 58V82"/></g>
  <g data-part="pulse" class="{{ $state->css('pulse') }}">@include('drawings::symbols.barb', ['part' => 'pulse', 'at' => [124, 100], 'fill' => 'pulse'])<path class="pulse" d="M122 96H144V104H122Z"/></g>
  <g data-part="body" class="{{ $state->css('body') }}"><path class="edge" d="M120 180H146M414 180H440"/></g>
 </g>
 <g class="layer-flow"><g class="circ-fuel">@include('drawings::symbols.drops', [
     'at' => [[92, 300], [176, 314, -60], [206, 254, -90], [240, 178], [320, 178], [354, 212, 90], [354, 290, 20], [468, 300]],
 ])</g><path class="pulsearr" d="M84 84V70M81 73L84 69.500L87 73M92 70V84M89 81L92 84.500L95 81"/>
  <text class="flow t-plain" x="56" y="330">TANK</text><text class="flow t-plain" x="500" y="330">CARBURETOR</text><text class="flow t-plain" x="60" y="128">CRANKCASE</text></g>
 @include('drawings::cutaways.callouts', ['state' => $state, 'places' => [
    'inlet' => [40, 264, 86, 296], 'screen' => [200, 396, 216, 277], 'flapin' => [40, 216, 204, 233], 'pump' => [280, 396, 280, 246], 'flapout' => [524, 216, 360, 236], 'outlet' => [524, 264, 474, 296],
    'pulse' => [40, 62, 84, 96], 'pulsedia' => [524, 96, 400, 121], 'pumpspring' => [524, 152, 294, 148], 'vent' => [340, 28, 281, 62], 'body' => [40, 172, 134, 182],
 ]])
</x-cutaways.frame>
