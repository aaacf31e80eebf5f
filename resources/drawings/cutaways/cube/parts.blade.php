<g class="layer-parts">
 <g data-part="inlet" class="{{ $state->css('inlet') }}"><path class="brass" d="M16 113H24L28 115.500H36L40 113H48L52 115.500H72V128.500H52L48 131H40L36 128.500H28L24 131H16Z"/><path class="chan fuel circ-fuel" d="M16 118.500H72V125.500H16Z"/></g>
 <g data-part="pump" class="{{ $state->css('pump') }}"><path class="gasket" d="M70 95.500H120M152 95.500H334M390 95.500H398M492 95.500H510"/><path class="membrane" d="M70 99H112M152 99H398C414 99 418 112 445 112S476 99 492 99H510"/></g>
 <g data-part="flapin" class="{{ $state->css('flapin') }}"><path class="membrane" d="M112 99H126"/><path class="membrane flap" d="M125 99Q140 96 154 86"/></g>
 <g data-part="flapout" class="{{ $state->css('flapout') }}"><path class="membrane flap" d="M345 99H381"/></g>
 <g data-part="screen" class="{{ $state->css('screen') }}"><path class="mesh" d="M345 113H379"/></g>
 <g data-part="needle" class="{{ $state->css('needle') }}"><path class="brass" d="M350 262H357V272L354 286H350ZM374 262H367V272L370 286H374Z"/><g class="p-mneedle"><path class="brass" d="M356 288H368V300L366 303V311H358V303L356 300Z"/><path class="rubber" d="M355.500 289L360 274Q362 271 364 274L368.500 289Z"/></g></g>
 <g data-part="spring" class="{{ $state->css('spring') }} p-mspring"><path class="spring" d="M299 273L311 277.500L299 282L311 286.500L299 291L311 295.500L299 300L311 304.500"/></g>
 <g data-part="lever" class="{{ $state->css('lever') }}"><g class="p-mlever"><path class="steelstrip lev" d="M284 313L298 308.500H350L358 306H372"/></g><path class="edge" d="M336 297V308"/><circle class="steel" cx="336" cy="308" r="5"/></g>
 <g data-part="metering" class="{{ $state->css('metering') }}"><path class="gasket" d="M70 336H112M478 336H510"/><path class="membrane" d="M70 339.500H112C130 339.500 134 346 150 346S168 339.500 184 339.500H400C416 339.500 424 346 440 346S460 339.500 478 339.500H510"/><g class="p-mbutton"><path class="steel" d="M260 334.500H324V338H260ZM262 341H322V344.500H262Z"/><path class="steel" d="M286 312.500H298V334.500H286ZM288 344.500H296V349H288Z"/></g></g>
 <g data-part="vent" class="{{ $state->css('vent') }}"><path class="edge" d="M284 361V378M300 361V378"/></g>
 <g data-part="nozzle" class="{{ $state->css('nozzle') }}"><path class="brass" d="M233 212L238 207H241.500V226H238V248H242V257H233ZM255 212L250 207H246.500V226H250V248H246V257H255Z"/><path class="fuel nob circ-fuel" d="M241.500 205H246.500V226H250V248H246V258H242V248H238V226H241.500Z"/><path class="rubber" d="M238.500 243.500H249.500V247.500H238.500Z"/></g>
 @include('drawings::symbols.screw', ['part' => 'mainscrew', 'at' => [193, 272], 'adjuster' => 'high', 'turn' => 180, 'shaft' => 108])
 @include('drawings::symbols.screw', ['part' => 'mixscrew', 'at' => [450, 269], 'adjuster' => 'low', 'shaft' => 44])
 <g data-part="welch" class="{{ $state->css('welch') }}"><path class="welch" d="M390 294Q419 278 448 294"/></g>
 <g data-part="idleholes" class="{{ $state->css('idleholes') }}"><path class="edge" d="M404 230V250M409 230V250M413 230V250M418 230V250M433 230V250M438 230V250"/></g>
 <path class="lever" d="M418 190L478 138Q490 132 494 142Q496 150 488 156L430 196"/>
 @include('drawings::symbols.stop-screw', ['part' => 'idlespeed', 'at' => [495, 146], 'adjuster' => 'idle_speed'])
 <x-symbols.plate part="choke" :state="$state" :at="[112, 192]" :length="85" :turn="90"><path class="slotln" d="M107 192H117" /></x-symbols.plate>
 <x-symbols.plate part="throttle" :state="$state" :at="[424, 192]" :length="73" :turn="$state->throttleDegrees() - 3"><path class="slotln" d="M424 186V198" /></x-symbols.plate>
</g>
