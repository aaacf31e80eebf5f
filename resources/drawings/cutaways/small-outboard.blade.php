<x-cutaways.frame :state="$state" :width="560" :height="430">
 <g class="layer-void"><path class="air circ-air" d="M40 128H150C186 128 196 142 220 142H244C268 142 278 130 314 130H500V202H314C278 202 268 190 244 190H220C196 190 186 202 150 202H40Z"/><path class="void" d="M110 252H390V370Q390 384 376 384H124Q110 384 110 370Z"/></g>
 <g class="layer-fuel circ-fuel"><path class="fuel lvl lvl-up" d="M110 304H390V370Q390 384 376 384H124Q110 384 110 370Z"/><path class="fuel lvl lvl-down" d="M110 284H390V370Q390 384 376 384H124Q110 384 110 370Z"/><path class="surface lvl-up" d="M110 304H390"/><path class="surface lvl-down" d="M110 284H390"/></g>
 <g class="layer-casting">
  <path class="cast" d="M50 128H150C186 128 196 142 220 142H244C268 142 278 130 314 130H488V84H470V98H178V62H128V98H66V84H50Z"/>
  <path class="cast" d="M50 202H150C186 202 196 190 220 190H244C268 190 278 202 314 202H488V226H404V246H256V330H208V246H82V226H50Z"/>
 </g>
 <g data-part="bowl" class="{{ $state->css('bowl') }}"><path class="bowl" d="M96 252H108V370Q108 386 124 386H376Q392 386 392 370V252H404"/><path class="gasket" d="M84 249H110M390 249H404"/></g>
 <g class="layer-passages">
  <path class="mix circ-idle" d="M150 116H226V141H238V116H342V131H348V116H366V131H372V108H150Z"/><path class="wall" d="M160 116H226V141M238 141V116H342V131M348 131V116H366V131M372 131V108H160"/>
  <path class="air circ-air" d="M92 129V104H146V112H100V129Z"/><path class="wall" d="M92 128V104H146M100 128V112H146"/>
  <g data-part="bypass" class="{{ $state->css('bypass') }}"><path class="air circ-air" d="M150 201V236H214V228H158V201Z"/><path class="wall" d="M150 202V236H214M158 202V228H214"/></g>
  <g data-part="vent" class="{{ $state->css('vent') }}"><path class="air circ-air" d="M66 202V240H122V254H114V248H58V202Z"/><path class="wall" d="M66 202V240H122V252M58 202V248H114V252"/></g>
  <path class="fuel circ-fuel" d="M418 232H340V252H332V224H418Z"/><path class="wall" d="M404 232H340V250M332 250V224H404"/>
 </g>
 <g class="layer-parts">
  @include('drawings::symbols.barb', ['part' => 'inlet', 'at' => [402, 228], 'turn' => 180])
  @include('drawings::symbols.seat', ['at' => [336, 264]])
  @include('drawings::symbols.inlet-needle', ['at' => [336, 266]])
  <g data-part="pin" class="{{ $state->css('pin') }}"><path class="behind" d="M364 250V298H378V250"/><circle class="float-in" cx="371" cy="296" r="5"/></g>
  <g data-part="float" class="{{ $state->css('float') }} p-float-o"><path class="steelstrip" d="M375 297L334 304L300 310"/><rect class="float" x="270" y="302" width="56" height="50" rx="12"/><rect class="float-in" x="275" y="307" width="46" height="40" rx="8"/><rect class="float" x="126" y="302" width="66" height="50" rx="12"/><rect class="float-in" x="131" y="307" width="56" height="40" rx="8"/></g>
  <g data-part="emulsion" class="{{ $state->css('emulsion') }}"><path class="brass" d="M218 172H224V322H218ZM246 172H240V322H246Z"/><path class="mixfill circ-main" d="M224 172H240V322H224Z"/><path class="holes" d="M217 214h7M240 214h7M217 228h7M240 228h7"/></g>
  <g data-part="tube" class="{{ $state->css('tube') }}"><path class="brass" d="M228 120H230.500V336H228ZM236 120H233.500V336H236Z"/><path class="fuel nob circ-idle" d="M230.500 120H233.500V340H230.500Z"/></g>
  <g data-part="mainjet" class="{{ $state->css('mainjet') }}"><path class="brass" d="M214 330H227V352H214ZM237 330H250V352H237Z"/><path class="fuel circ-fuel nob" d="M227 336H237V354H227Z"/><path class="edge" d="M214 336H227M214 342H227M214 348H227M237 336H250M237 342H250M237 348H250"/></g>
  <g data-part="packing" class="{{ $state->css('packing') }}"><path class="rubber" d="M136 84H147V94H136ZM159 84H170V94H159Z"/><path class="float-in" d="M136 76H147V84H136ZM159 76H170V84H159Z"/><path class="brass" d="M136 46H147V76H136ZM159 46H170V76H159ZM128 46H136V62H128ZM170 46H178V62H170Z"/></g>
  @include('drawings::symbols.screw', ['part' => 'mixscrew', 'at' => [153, 116], 'adjuster' => 'idle_mixture', 'turn' => -90, 'shaft' => 40])
  <g data-part="idleholes" class="{{ $state->css('idleholes') }}"><path class="edge" d="M342 118V131M348 118V131M366 118V131M372 118V131"/></g>
  <g data-part="venturi" class="{{ $state->css('venturi') }}"><path class="edge" d="M220 142H244M220 190H244"/></g>
  <g data-part="choke" class="{{ $state->css('choke') }}"><path class="behind" d="M86 130V200"/><rect class="plate" x="66" y="163" width="40" height="4" rx="1.500"/><rect class="plate" x="114" y="163" width="8" height="4" rx="1.500"/><circle class="steel" cx="86" cy="165" r="6.500"/><path class="slotln" d="M81 165H91"/><path class="edge" d="M110 158V172"/></g>
  <path class="lever" d="M350 160L392 66Q398 58 406 62Q412 66 410 74L368 170"/>
  @include('drawings::symbols.stop-screw', ['part' => 'idlespeed', 'at' => [412, 66], 'adjuster' => 'idle_speed'])
  <x-symbols.plate part="throttle" :state="$state" :at="[358, 166]" :length="70" :turn="$state->throttleDegrees() - 3"><path class="slotln" d="M358 161V171" /></x-symbols.plate>
 </g>
 <g class="layer-flow">
  <g class="circ-air">@include('drawings::symbols.chevs', [
      'at' => [[54, 144], [54, 186], [184, 166], [290, 154], [302, 154], [452, 150], [464, 150]],
  ])<text class="flow t-air" x="140" y="152">AIR</text><text class="flow t-air" x="440" y="190">ENGINE</text>@include('drawings::symbols.chevs', ['at' => [[118, 108], [132, 108], [186, 232], [62, 222, 90]], 'size' => '0.5'])</g>
  <g class="circ-fuel">@include('drawings::symbols.drops', ['at' => [[386, 228, 180], [360, 228, 180]], 'size' => '0.75'])</g><g class="circ-idle">@include('drawings::symbols.drops', ['at' => [[232, 158, -90], [280, 112], [324, 112]], 'size' => '0.65'])</g><g class="circ-main">@include('drawings::symbols.drops', ['at' => [[232, 204, -90]], 'size' => '0.65'])</g>
 </g>
 @include('drawings::cutaways.callouts', ['state' => $state, 'places' => [
    'inlet' => [500, 262, 440, 230], 'seat' => [470, 300, 346, 258], 'needle' => [450, 342, 342, 288], 'float' => [330, 412, 306, 350], 'pin' => [440, 384, 373, 298], 'bowl' => [60, 340, 106, 340],
    'mainjet' => [186, 412, 222, 346], 'tube' => [270, 54, 233, 128], 'emulsion' => [270, 412, 244, 300], 'mixscrew' => [110, 30, 144, 28], 'packing' => [208, 54, 172, 66], 'idleholes' => [326, 54, 345, 124],
    'bypass' => [60, 300, 152, 224], 'choke' => [22, 165, 78, 166], 'venturi' => [22, 212, 214, 188], 'throttle' => [530, 166, 364, 172], 'idlespeed' => [530, 66, 498, 66], 'vent' => [22, 256, 62, 236],
 ]])
</x-cutaways.frame>
