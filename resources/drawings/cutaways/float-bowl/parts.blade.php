<g class="layer-parts">
 <g data-part="inlet" class="{{ $state->css('inlet') }}"><path class="brass" d="M42 188H50L54 190.500H62L66 188H74L78 190.500H98V201.500H78L74 204H66L62 201.500H54L50 204H42Z"/><path class="chan fuel circ-fuel" d="M42 192.500H98V199.500H42Z"/></g>
 <g data-part="seat" class="{{ $state->css('seat') }}"><path class="brass" d="M153 200.500H162.500V212L158 221H153Z"/><path class="brass" d="M181 200.500H171.500V212L176 221H181Z"/><path class="fuel circ-fuel" d="M162.500 201H171.500V212L175.500 220H158.500L162.500 212Z"/></g>
 <g data-part="pin" class="{{ $state->css('pin') }}"><circle class="steel" cx="126" cy="250" r="5"/></g>
 <g data-part="float" class="{{ $state->css('float') }} p-float-g">
  <path class="steelstrip" d="M122 249.500L180 251L190 258.500"/>
  <rect class="float" x="137" y="258" width="70" height="46" rx="12"/><rect class="float-in" x="141.500" y="262.500" width="61" height="37" rx="8"/>
  <rect class="float" x="297" y="258" width="68" height="46" rx="12"/><rect class="float-in" x="301.500" y="262.500" width="59" height="37" rx="8"/>
 </g>
 <g data-part="needle" class="{{ $state->css('needle') }} p-needle"><path class="brass" d="M160 226H174V243L170 249H164L160 243Z"/><path class="edge" d="M160 232H174M160 240H174"/><path class="rubber" d="M160 226L164.800 213.500Q167 211 169.200 213.500L174 226Z"/></g>
 <g data-part="emulsion" class="{{ $state->css('emulsion') }}"><path class="brass" d="M229.500 130H233.800V288H229.500ZM238.200 130H242.500V288H238.200Z"/><path class="mixfill circ-idle-m" d="M233.800 128H238.200V290H233.800Z"/><path class="edge" d="M229.500 130Q236 126.500 242.500 130"/><path class="holes" d="M229 196h4.800M238.200 196h4.800M229 212h4.800M238.200 212h4.800M229 228h4.800M238.200 228h4.800M229 244h4.800M238.200 244h4.800"/></g>
@if (!$state->is('bolt_jet'))
 <g data-part="mainjet" class="{{ $state->css('mainjet') }}"><path class="brass" d="M225.500 297H234.600V315H225.500ZM237.400 297H246.500V315H237.400Z"/><path class="fuel circ-fuel nob" d="M234.600 296H237.400V316H234.600Z"/><path class="edge" d="M225.500 302l4-1M225.500 306l4-1M225.500 310l4-1M246.500 302l-4-1M246.500 306l-4-1M246.500 310l-4-1"/></g>
@endif
 <g data-part="pilotjet" class="{{ $state->css('pilotjet') }}"><path class="brass" d="M265 290H270.900V309H265ZM273.100 290H279V309H273.100Z"/><path class="fuel nob circ-fuel" d="M270.900 289H273.100V310H270.900Z"/></g>
 <g data-part="bowl" class="{{ $state->css('bowl') }}"><path class="bowl" d="M98 209H112V334Q112 355 133 355H361Q382 355 382 334V209H398"/><path class="rubber" d="M100 203.600H116V207H100ZM378 203.600H396V207H378Z"/>
  <path class="rubber" d="M224 357H248V360H224Z"/><path class="steel" d="M228.500 333H243.500V357H228.500Z"/><path class="edge" d="M228.5 338L243.5 336M228.5 342L243.5 340M228.5 346L243.5 344M228.5 350L243.5 348M228.5 354L243.5 352"/><path class="steel" d="M216 360H256V378L252 381H220L216 378Z"/><path class="edge" d="M229 360V381M243 360V381"/></g>
@if ($state->is('bolt_jet'))
 {{-- The bowl bolt is the main jet: cross-holes feed its bore, a tiny hole at its top meters. --}}
 <g data-part="mainjet" class="{{ $state->css('mainjet') }}"><path class="brass" d="M228.500 298H243.500V360H228.500Z"/><path class="brassface" d="M216 360H256V378L252 381H220L216 378Z"/><path class="edge" d="M229 360V381M243 360V381M228.500 338l4-1M228.500 344l4-1M228.500 350l4-1M243.500 338l-4-1M243.500 344l-4-1M243.500 350l-4-1"/><path class="fuel circ-fuel nob" d="M233.500 306H238.500V340H233.500ZM235.200 297H236.800V307H235.200ZM228 321.500H244V328.500H228Z"/></g>
@endif
 <g data-part="idleholes" class="{{ $state->css('idleholes') }}"><path class="edge" d="M374 154V168M378 154V168M385.500 154V168M389.500 154V168M420.500 154V162M427.500 154V162"/></g>
 <g data-part="vent" class="{{ $state->css('vent') }}"><path class="edge" d="M365 190H372M392 184V191.500"/></g>
 <g data-part="venturi" class="{{ $state->css('venturi') }}"><path class="edge" d="M224 93H246M224 143H246"/></g>
@if ($state->has('mixscrew'))
 <g data-part="mixscrew" transform="translate(0 {{ $state->screwOut('idle_mixture') - 4 }})" class="{{ $state->css('mixscrew') }} p-mix"><path class="brass" d="M418.500 191H429.500L425 164Q424 160 423 164Z"/><path class="brass" d="M418.500 191H429.500V246H418.500Z"/><path class="edge" d="M418.5 196L429.5 194M418.5 200L429.5 198M418.5 204L429.5 202M418.5 208L429.5 206M418.5 212L429.5 210M418.5 216L429.5 214M418.5 220L429.5 218M418.5 224L429.5 222"/><path class="spring" d="M414.5 228.2L433.5 230.6M414.5 232.9L433.5 235.3M414.5 237.7L433.5 240.1M414.5 242.4L433.5 244.8"/><path class="brassface" d="M411 246H437V260L434 263H414L411 260Z"/><path class="slot" d="M424 263V255"/><path class="edge" d="M411 252H437"/></g>
@else
 <path class="steel" d="M417 192H431V198H417Z"/>
@endif
 <g data-part="choke" class="{{ $state->css('choke') }}"><rect class="plate" transform="rotate(90 106 118)" x="104" y="77.500" width="4" height="81" rx="1.500"/><circle class="steel" cx="106" cy="118" r="6"/><path class="slotln" transform="rotate(90 106 118)" d="M106 113V123"/></g>
 <g data-part="throttle" class="{{ $state->css('throttle') }}"><g transform="rotate({{ $state->throttleDegrees() - 9 }} 392 118)"><path class="lever" d="M384 118L386.500 32Q387 22 394 22Q400.500 22 400.500 31L400 118A8 8 0 0 1 384 118"/></g><rect class="plate" transform="rotate({{ $state->throttleDegrees() - 9 }} 392 118)" x="390" y="83" width="4" height="70" rx="1.500"/><circle class="steel" cx="392" cy="118" r="7"/><path class="slotln" transform="rotate({{ $state->throttleDegrees() - 9 }} 392 118)" d="M392 112V124"/></g>
 <g data-part="idlespeed" class="{{ $state->css('idlespeed') }}"><path class="steel" d="M318 31.500H376Q380 35 380 36Q380 37 376 40.500H318Z"/><path class="edge" d="M324 40l2-8M328 40l2-8M332 40l2-8M336 40l2-8M340 40l2-8M344 40l2-8M348 40l2-8M356 40l2-8M362 40l2-8M368 40l2-8"/><path class="spring" d="M303 44L307 28M309 44L313 28M315 44L319 28"/><path class="brassface" d="M301 24H288Q284 24 284 28V44Q284 48 288 48H301Z"/><path class="slot" d="M284 36H292"/></g>
@if ($state->has('mainscrew'))
 <g data-part="mainscrew" class="{{ $state->css('mainscrew') }}" transform="translate(0 {{ $state->screwOut('main') - 4 }})"><path class="brass" d="M232.500 330H239.500L237 314Q236 310 235 314Z"/><path class="brass" d="M232.500 330H239.500V386H232.500Z"/><path class="brassface" d="M225 386H247V398L244 401H228L225 398Z"/><path class="slot" d="M236 401V393"/></g>
@endif
</g>
