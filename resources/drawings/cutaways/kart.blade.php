<x-cutaways.frame :state="$state" :width="584" :height="442" data-pulse="draw" :data-metering="$state->leaks ? 'open' : 'closed'">
 <g class="layer-void"><path class="air circ-air" d="M44 150H160C200 150 214 166 240 166H262C292 166 312 152 350 152H534V236H350C312 236 292 220 262 220H240C214 220 200 238 160 238H44Z"/></g>
 <g class="layer-casting">
  <path class="cover" d="M70 94V66Q70 60 76 60H504Q510 60 510 66V94H492V80Q488 72 478 72H412Q402 72 398 80L394 84H120V94Z"/>
  <path class="cast" d="M54 150H160C200 150 214 166 240 166H262C292 166 312 152 350 152H526V102H492Q488 122 474 122H416Q402 122 398 102H70V138H54Z"/>
  <path class="cast" d="M54 238H160C200 238 214 220 240 220H262C292 220 312 236 350 236H526V256H510V336H478V300H112V336H70V256H54Z"/>
  <path class="cover" d="M70 346H112V364H478V346H510V374Q510 380 504 380H300V364H284V380H76Q70 380 70 374Z"/>
 </g>
 <path class="void" d="M113 336H477V363H113ZM284.500 362H299.500V381H284.500Z"/>
 <g class="layer-fuel circ-fuel"><path class="fuel" d="M120 96V84H394L398 80Q402 72 412 72H478Q488 72 492 80V96C476 96 476 112 445 112S414 96 398 96Z"/><path class="fuel" d="M113 300.800H477V343C460 343 456 350 440 350S416 343 400 343H184C168 343 166 350 150 350S134 343 113 343Z"/><path class="fuel" d="M66 120H133V94H143V128H66Z"/></g>
 <path class="pulse" d="M398.500 101H491.500Q488 121.500 474 121.500H416Q402 121.500 398.500 101Z"/><path class="pulse" d="M484 108H532V116H484Z"/><path class="wall" d="M488 108H526M486 116H526"/>
 <g class="layer-passages">
  <path class="wall" d="M70 120H133V102M70 128H143V102"/>
  <path class="fuel circ-fuel" d="M345 102H379V112L367 126H357L345 112Z"/><path class="wall" d="M345 102V112L357 126V152M379 102V112L367 126V152"/><path class="fuel circ-fuel" d="M357.600 125H366.400V153H357.600Z"/>
  <path class="fuel hid circ-fuel" d="M357 152H367V236H357Z"/><path class="hidden" d="M357 154V236M367 154V236"/><path class="fuel circ-fuel" d="M357 236H367V270H357Z"/><path class="wall" d="M357 236V268M367 236V268"/>
  <g class="circ-main"><path class="fuel" d="M168 301V290H180V284H170V270H206V274H246V219H256V281H206V284H190V290H204V301ZM181 301H189V312H181Z"/></g><path class="wall" d="M168 300V290H180V284H170V270H206V274H246V221M256 221V281H206V284H190V290H204V300"/>
  <path class="fuel circ-idle" d="M462 302V280H472V302ZM456 266H490V280H456ZM445 270H457V276H445Z"/><path class="mix circ-idle" d="M398 256H408V235H413V256H433V235H438V256H446V290H398Z"/>
  <path class="wall" d="M398 290V256H408V236M413 236V256H433V236M438 236V256H446V270H456V266H490M490 280H472V300M462 300V280H456V276H446V290H398"/>
  <path class="fuel circ-fuel" d="M296 276H314V302H296Z"/><path class="wall" d="M296 300V276H314V300"/>
 </g>
 <g class="layer-parts">
  @include('drawings::symbols.barb', ['part' => 'inlet', 'at' => [72, 124]])
  @include('drawings::symbols.barb', ['part' => 'pulse', 'at' => [524, 112], 'turn' => 180, 'fill' => 'pulse'])
  <g data-part="pump" class="{{ $state->css('pump') }}"><path class="membrane" d="M70 100H112M152 100H398C414 100 418 116 445 116S476 100 492 100H510"/><path class="membrane" d="M70 96H112M152 96H398C414 96 418 112 445 112S476 96 492 96H510"/><circle class="steel" cx="88" cy="98" r="3.500"/><circle class="steel" cx="501" cy="98" r="3.500"/></g>
  <g data-part="flapin" class="{{ $state->css('flapin') }}"><path class="membrane flap" d="M112 98H126Q140 96 152 86"/><path class="membrane flap" d="M345 98H381"/></g>
  <g data-part="screen" class="{{ $state->css('screen') }}"><path class="mesh" d="M345 112H379"/></g>
  <g data-part="needle" class="{{ $state->css('needle') }}"><path class="brass" d="M350 266H357V276L354 290H350ZM374 266H367V276L370 290H374Z"/><g class="p-mneedle"><path class="brass" d="M356 292H368V304L366 307V315H358V307L356 304Z"/><path class="rubber" d="M355.500 293L360 278Q362 275 364 278L368.500 293Z"/></g></g>
  <g data-part="spring" class="{{ $state->css('spring') }}"><path class="spring" d="M299 277L311 281.500L299 286L311 290.500L299 295L311 299.500L299 304L311 308.500"/></g>
  <g data-part="lever" class="{{ $state->css('lever') }}"><path class="steelstrip" d="M298 312.500H350L358 310H372M298 312.500Q280 312 276 318M298 312.500Q282 320 278 328"/><path class="edge" d="M336 301V312"/><circle class="steel" cx="336" cy="312" r="5"/></g>
  <g data-part="metering" class="{{ $state->css('metering') }}"><path class="gasket" d="M70 339H112M478 339H510"/><path class="membrane" d="M70 343H112C130 343 134 350 150 350S168 343 184 343H400C416 343 424 350 440 350S460 343 478 343H510"/><path class="steel" d="M254 338H318V342H254ZM256 345H316V349H256Z"/><path class="steel" d="M281 322H287V338H281ZM276 318H292V323H276Z"/></g>
  <g data-part="nozzle" class="{{ $state->css('nozzle') }}"><path class="steel" d="M164 303H181V309H164ZM189 303H206V309H189Z"/><path class="membrane" d="M170 301H180Q188 300 194 293"/><circle class="brassface" cx="168" cy="312" r="3"/><circle class="brassface" cx="202" cy="312" r="3"/></g>
  @include('drawings::symbols.screw', ['part' => 'mainscrew', 'at' => [206, 277], 'adjuster' => 'high', 'turn' => 180, 'shaft' => 120])
  @include('drawings::symbols.screw', ['part' => 'mixscrew', 'at' => [450, 273], 'adjuster' => 'low', 'shaft' => 44])
  <g data-part="mainhole" class="{{ $state->css('mainhole') }}"><path class="brass" d="M242 208H246V224H242ZM256 208H260V224H256Z"/></g>
  <g data-part="idleholes" class="{{ $state->css('idleholes') }}"><path class="edge" d="M408 236V254M413 236V254M433 236V254M438 236V254"/></g>
  <g data-part="vent" class="{{ $state->css('vent') }}"><path class="edge" d="M284 364V380M300 364V380"/></g>
  <path class="steel" d="M442 127H454V143H442Z"/><path class="lever" d="M418 192L478 142Q490 136 494 146Q496 154 488 160L430 200"/>
  @include('drawings::symbols.stop-screw', ['part' => 'idlespeed', 'at' => [495, 150], 'adjuster' => 'idle_speed'])
  <x-symbols.plate part="throttle" :state="$state" :at="[424, 194]" :length="80" :turn="$state->throttleDegrees() - 3"><path class="slotln" d="M424 189V199" /></x-symbols.plate>
 </g>
 <g class="layer-flow">
  <g class="circ-air">@include('drawings::symbols.chevs', [
      'at' => [[66, 172], [78, 172], [66, 216], [78, 216], [200, 194], [300, 180], [312, 180], [490, 174], [502, 174]],
  ])<text class="flow t-air" x="140" y="198">AIR BOX</text><text class="flow t-air" x="488" y="222">ENGINE</text></g>
  <g class="circ-fuel">@include('drawings::symbols.drops', [
      'at' => [[108, 124], [138, 112, -90], [200, 89], [270, 89], [362, 140, 90], [362, 196, 90], [362, 250, 90]],
  ])</g><g class="circ-main">@include('drawings::symbols.drops', ['at' => [[185, 292, -90], [251, 240, -90]], 'size' => '0.7'])</g><g class="circ-idle">@include('drawings::symbols.drops', ['at' => [[467, 291, -90]], 'size' => '0.7'])</g>
  <path class="pulsearr" d="M494 112H516M497 109L493.500 112L497 115M513 109L516.500 112L513 115"/>
 </g>
 @include('drawings::cutaways.callouts', ['state' => $state, 'places' => [
    'inlet' => [22, 84, 38, 116], 'flapin' => [146, 19, 142, 92], 'mainhole' => [226, 19, 244, 212], 'screen' => [302, 19, 350, 112], 'pump' => [424, 19, 484, 98], 'pulse' => [562, 76, 556, 104], 'idlespeed' => [520, 19, 552, 138],
    'throttle' => [566, 200, 430, 196], 'idleholes' => [566, 244, 438, 246], 'mixscrew' => [566, 318, 540, 286], 'mainscrew' => [18, 318, 40, 290], 'nozzle' => [60, 422, 172, 308], 'metering' => [128, 422, 150, 349], 'spring' => [212, 422, 300, 304],
    'vent' => [274, 422, 290, 372], 'lever' => [346, 422, 346, 314], 'needle' => [404, 422, 363, 304],
 ]])
</x-cutaways.frame>
