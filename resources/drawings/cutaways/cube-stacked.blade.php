<x-cutaways.frame :state="$state" :width="584" :height="452" data-pulse="draw" :data-metering="$state->leaks ? 'open' : 'closed'">
 <g class="layer-void"><path class="air circ-air" d="M44 66H150C190 66 205 82 236 82H252C286 82 306 72 350 72H534V148H350C306 148 286 138 252 138H236C205 138 190 154 150 154H44Z"/></g>
 <g class="layer-casting">
  <path class="cast" d="M54 66H150C190 66 205 82 236 82H252C286 82 306 72 350 72H526V44H508V54H70V44H54Z"/>
  <path class="cast" d="M54 154H150C190 154 205 138 236 138H252C286 138 306 148 350 148H526V168H510V252H478V214H112V252H70V170H54Z"/>
  <path class="cast" d="M70 262H112V282H478V262H510V310H492Q488 326 474 326H416Q402 326 398 310H70Z"/>
  <path class="cover" d="M70 322H120V336H394L398 340Q402 346 412 346H478Q490 346 492 336V322H510V366Q510 372 504 372H76Q70 372 70 366Z"/>
 </g>
 <path class="void" d="M113 252H477V282H113Z"/>
 <g class="layer-fuel circ-fuel"><path class="fuel" d="M113 214.800H477V258.500C460 258.500 456 265 440 265S416 258.500 400 258.500H184C168 258.500 166 265 150 265S134 258.500 113 258.500Z"/><path class="fuel" d="M120 314V336H394L398 340Q402 346 412 346H478Q490 346 492 336V313.500C476 313.500 476 322 445 322S414 313.500 398 313.500Z"/><path class="fuel" d="M66 296H133V320H143V288H66Z"/></g>
 <path class="pulse" d="M398.500 310H491.500Q488 325.500 474 325.500H416Q402 325.500 398.500 310Z"/><path class="pulse" d="M484 300H504V308H490V312H484Z"/>
 <g data-part="pulse" class="{{ $state->css('pulse') }}"><path class="pulse" d="M504 156H526V162H504Z"/><path class="hidden" d="M498 300V156H504M504 300V162"/><path class="wall" d="M526 156H508M526 162H508M484 300H498M490 308H504V300"/></g>
 <g class="layer-passages">
  <path class="wall" d="M70 288H143V310M70 296H133V310"/>
  <path class="fuel circ-fuel" d="M357 170H367V192H357Z"/><path class="wall" d="M357 188V170H367M367 178V188"/><path class="fuel hid circ-fuel" d="M367 171H487V296H373V290H481V177H367Z"/><path class="hidden" d="M368 177H392M446 177H481V290H374M368 171H392M446 171H487V296H374"/><path class="fuel circ-fuel" d="M350 298H374V311H350Z"/><path class="wall" d="M350 310V298H374V310"/>
  <g class="circ-fuel"><path class="fuel" d="M150 215V183H140V197H150ZM140 183H186V197H140ZM150 196H160V216H150ZM185 186.500H197V184H239V174H249V195H197V193.500H185Z"/></g>
  <path class="wall" d="M150 214V197H140V183H186V186.500H196V184H239V174M249 174V195H196V193.500H186V197H160V214"/>
@if ($state->is('dependent'))
  <path class="fuel hid circ-fuel" d="M214 194H222V202H462V194H472V209H214Z"/><path class="hidden" d="M214 195V209H472V195M222 195V202H462V195"/>
@else
  <path class="fuel circ-fuel" d="M462 216V194H472V216Z"/><path class="wall" d="M472 194V214M462 214V194"/>
@endif
@if ($state->is('semi_fixed_high'))
  <path class="fuel circ-fuel" d="M216 215V194H219V215Z"/><path class="wall" d="M215.500 214V195M219.500 214V195"/><path class="edge" d="M219.500 207H228"/><text class="flow t-fuel" x="248" y="211">FIXED</text>
@endif
  <path class="fuel circ-fuel" d="M456 180H490V194H456ZM445 184H457V190H445Z"/><path class="mix circ-idle" d="M392 170H404V147H409V170H413V147H418V170H433V147H438V170H446V206H392Z"/>
  <path class="wall" d="M392 214V170H404V148M409 148V170H413V148M418 148V170H433V148M438 148V170H446V184H456V180H490M490 194H456V190H446V214"/><path class="fuel circ-fuel" d="M296 190H314V216H296Z"/><path class="wall" d="M296 214V190H314V214"/>
 </g>
 <g class="layer-parts">
  @include('drawings::symbols.barb', ['part' => 'inlet', 'at' => [72, 292]])
  <g data-part="metering" class="{{ $state->css('metering') }}"><path class="gasket" d="M70 254H112M478 254H510"/><path class="membrane" d="M70 258.500H112C130 258.500 134 265 150 265S168 258.500 184 258.500H400C416 258.500 424 265 440 265S460 258.500 478 258.500H510"/><path class="steel" d="M260 253.500H324V257H260ZM262 260H322V263.500H262Z"/><path class="steel" d="M286 230.500H298V253.500H286Z"/></g>
  <g data-part="pump" class="{{ $state->css('pump') }}"><path class="membrane" d="M70 313.500H112M152 313.500H346M378 313.500H398C414 313.500 418 322 445 322S476 313.500 492 313.500H510"/><path class="gasket" d="M70 318H120M492 318H510"/></g>
  <g data-part="flapin" class="{{ $state->css('flapin') }}"><path class="membrane flap" d="M112 313.500H126Q140 316 152 328"/></g>
  <g data-part="flapout" class="{{ $state->css('flapout') }}"><path class="membrane flap" d="M346 313.500H380"/></g>
  <g data-part="screen" class="{{ $state->css('screen') }}"><path class="mesh" d="M348 301H376"/></g>
  <g data-part="needle" class="{{ $state->css('needle') }}"><path class="brass" d="M350 180H357V190L354 204H350ZM374 180H367V190L370 204H374Z"/><g class="p-mneedle"><path class="brass" d="M356 206H368V218L366 221V229H358V221L356 218Z"/><path class="rubber" d="M355.500 207L360 192Q362 189 364 192L368.500 207Z"/></g></g>
  <g data-part="spring" class="{{ $state->css('spring') }}"><path class="spring" d="M299 191L311 195.500L299 200L311 204.500L299 209L311 213.500L299 218L311 222.500"/></g>
  <g data-part="lever" class="{{ $state->css('lever') }}"><path class="steelstrip" d="M284 231L298 226.500H350L358 224H372"/><path class="edge" d="M336 215V226"/><circle class="steel" cx="336" cy="226" r="5"/></g>
  <g data-part="vent" class="{{ $state->css('vent') }}"><path class="void" d="M70 268H114V276H70Z"/><path class="wall" d="M70 268H112M70 276H112"/></g>
  <g data-part="nozzle" class="{{ $state->css('nozzle') }}"><path class="brass" d="M233 130L238 125H241.500V144H238V166H242V175H233ZM255 130L250 125H246.500V144H250V166H246V175H255Z"/><path class="fuel nob circ-fuel" d="M241.500 123H246.500V144H250V166H246V176H242V166H238V144H241.500Z"/><path class="rubber" d="M238.500 161.500H249.500V165.500H238.500Z"/></g>
  @include('drawings::symbols.screw', ['part' => 'mainscrew', 'at' => [193, 190], 'adjuster' => 'high', 'turn' => 180, 'shaft' => 108])
  @include('drawings::symbols.screw', ['part' => 'mixscrew', 'at' => [450, 187], 'adjuster' => 'low', 'shaft' => 44])
  <g data-part="welch" class="{{ $state->css('welch') }}"><path class="welch" d="M390 212Q419 196 448 212"/></g>
  <g data-part="idleholes" class="{{ $state->css('idleholes') }}"><path class="edge" d="M404 148V168M409 148V168M413 148V168M418 148V168M433 148V168M438 148V168"/></g>
  <path class="lever" d="M416 106L452 36Q458 26 466 30Q474 34 470 44L434 116"/>
  @include('drawings::symbols.stop-screw', ['part' => 'idlespeed', 'at' => [472, 34], 'adjuster' => 'idle_speed'])
  <x-symbols.plate part="choke" :state="$state" :at="[112, 110]" :length="85" :turn="90"><path class="slotln" d="M107 110H117" /></x-symbols.plate>
  <x-symbols.plate part="throttle" :state="$state" :at="[424, 110]" :length="73" :turn="$state->throttleDegrees() - 3"><path class="slotln" d="M424 104V116" /></x-symbols.plate>
 </g>
 <g class="layer-flow">
  <g class="circ-air">@include('drawings::symbols.chevs', [
      'at' => [[66, 88], [78, 88], [66, 134], [78, 134], [196, 110], [300, 96], [312, 96], [470, 86], [482, 86]],
  ])<text class="flow t-air" x="162" y="100">AIR</text><text class="flow t-air" x="484" y="135">ENGINE</text></g>
  <g class="circ-fuel">@include('drawings::symbols.drops', [
      'at' => [[100, 292], [138, 304, 90], [200, 329], [280, 329], [362, 305, -90], [420, 293], [484, 236, -90], [376, 174, 180], [155, 206, -90], [216, 189.5]],
      'size' => '0.75',
  ])</g><path class="pulsearr" d="M509 159H522M512 156.5L508.500 159L512 161.5M519 156.5L522.500 159L519 161.5"/>
 </g>
 @include('drawings::cutaways.callouts', ['state' => $state, 'places' => [
    'inlet' => [18, 330, 40, 299], 'flapin' => [130, 430, 138, 319], 'pump' => [204, 430, 240, 315], 'metering' => [262, 430, 190, 260], 'vent' => [18, 272, 76, 272], 'lever' => [314, 430, 320, 228], 'spring' => [370, 19, 306, 196], 'needle' => [422, 430, 366, 222],
    'screen' => [358, 400, 360, 303], 'flapout' => [478, 430, 372, 315], 'pulse' => [562, 302, 502, 304], 'mainscrew' => [18, 226, 36, 202], 'nozzle' => [226, 19, 236, 132], 'mixscrew' => [566, 234, 544, 199], 'welch' => [530, 430, 440, 209], 'idleholes' => [566, 138, 438, 156],
    'throttle' => [566, 104, 430, 108.5], 'idlespeed' => [562, 62, 540, 44], 'choke' => [18, 104, 107, 109],
 ]])
</x-cutaways.frame>
