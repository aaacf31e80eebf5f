<x-cutaways.frame :state="$state" :width="560" :height="430">
 <g class="layer-void"><path class="air circ-air" d="M34 74H170C206 74 216 88 240 88H264C288 88 298 74 334 74H500V150H334C298 150 288 138 264 138H240C216 138 206 150 170 150H34Z"/>
  <path class="void" d="M70 268H510V414H70Z"/></g>
 <g class="layer-fuel circ-fuel"><path class="fuel" d="M70 330H510V400Q510 414 496 414H84Q70 414 70 400Z"/><path class="surface" d="M70 330H510"/></g>
 <path class="bowl" d="M70 262V400Q70 415 84 415H496Q510 415 510 400V262"/>
 <g class="layer-casting">
  <path class="cast" d="M44 74H170C206 74 216 88 240 88H264C288 88 298 74 334 74H486V44H468V56H62V44H44Z"/>
  <path class="cast" d="M44 150H170C206 150 216 138 240 138H264C288 138 298 150 334 150H486V166H424V262H44Z"/>
  <path class="cover" d="M434 166H468V262H434V246H452V182H434Z"/>
 </g>
 <path class="void" d="M396 196H425V232H396Z"/><path class="pulse" d="M396 196H425V232H396Z"/>
 <g class="layer-passages">
  <path class="fuel circ-fuel" d="M174 262V238H425V250H186V262ZM424 238H436V250H424ZM432 182H452V246H432ZM424 172H436V190H424Z"/><path class="wall" d="M174 262V238H424M186 262V250H424"/>
@if ($state->is('two_pickups'))
  <path class="fuel circ-fuel" d="M425 172H384V190H425ZM350 172H364V190H350Z"/><path class="wall" d="M424 172H384M424 190H396M350 172H364V184"/>
  <path class="fuel hid circ-fuel" d="M384 184H394V262H384ZM352 184H362V262H352Z"/><path class="hidden" d="M384 184V262M394 190V262M352 190V262M362 184V262"/>
@else
  <path class="fuel circ-fuel" d="M425 172H348V184H356V190H425Z"/><path class="wall" d="M424 190H356V184M424 172H356"/>
@endif
  <g data-part="pulse" class="{{ $state->css('pulse') }}"><path class="hidden" d="M402 150V196M410 150V196"/><path class="pulse hid" d="M402 150H410V196H402Z"/></g>
  <path class="fuel circ-fuel" d="M256 172H330V184H256ZM256 172V137H266V172Z"/><path class="mix circ-idle" d="M324 172V149H329V172Z"/>
  <path class="wall" d="M256 184H330M266 172H324M329 172H330M256 172V139M266 172V139M324 172V150M329 172V150"/>
@if ($state->is('two_pickups'))
  <path class="void" d="M330 270H404V316H330Z"/><path class="fuel circ-fuel" d="M330 288H404V316H330Z"/><path class="surface" d="M330 288H404"/>
@endif
 </g>
 <g class="layer-parts">
  <g data-part="pickup" class="{{ $state->css('pickup') }}"><path class="brass" d="M170 252H174V392H170ZM186 252H190V392H186Z"/><path class="fuel circ-fuel nob" d="M174 250H186V392H174Z"/><path class="mesh" d="M168 396H192"/><path class="edge" d="M168 392V402H192V392"/></g>
@if ($state->is('two_pickups'))
  <g data-part="cup" class="{{ $state->css('cup') }}"><path class="brass" d="M348 254H352V308H348ZM362 254H366V308H362Z"/><path class="fuel circ-fuel nob" d="M352 254H362V308H352Z"/><path class="brass" d="M380 254H384V276H380ZM394 254H398V276H394Z"/><path class="fuel circ-fuel nob" d="M384 254H394V288H384Z"/><path class="wall" d="M330 268V316H404V268"/></g>
@endif
  <g data-part="flapin" class="{{ $state->css('flapin') }}"><path class="membrane flap" d="M429 252V248Q431 242 440 238"/></g>
  <g data-part="flapout" class="{{ $state->css('flapout') }}"><path class="membrane flap" d="M429 170V188"/></g>
  <g data-part="pump" class="{{ $state->css('pump') }}"><path class="membrane" d="M429 166V170M429 190V196C429 204 421 206 421 214S429 224 429 232V238M429 250V262"/></g>
  <g data-part="pumpspring" class="{{ $state->css('pumpspring') }}"><path class="spring" d="M396 206L400 222L404 206L408 222L412 206L415 222"/><path class="steelstrip" d="M418 204V224"/></g>
@if ($state->has('mainjet'))
  <g data-part="mainjet" class="{{ $state->css('mainjet') }}"><path class="brass" d="M328 169H350V176H328ZM328 180H350V187H328Z"/><path class="fuel circ-fuel nob" d="M328 176H352V180H328Z"/></g>
@else
  <g data-part="seat" class="{{ $state->css('seat') }}"><path class="{{ $state->is('hex_seat') ? 'brass' : 'steel' }}" d="M328 168H350V175H328ZM328 181H350V188H328Z"/><path class="fuel circ-fuel nob" d="M328 175H352V181H328Z"/><path class="rubber" d="M345 165H350V168H345ZM345 188H350V191H345Z"/></g>
  <g data-part="link" class="{{ $state->css('link') }}"><path class="lever" d="M424 214H112L104 118"/><circle class="steel" cx="112" cy="214" r="3"/></g>
@endif
  @include('drawings::symbols.screw', ['part' => 'mainscrew', 'at' => [334, 178], 'adjuster' => 'main', 'turn' => 180, 'shaft' => 190])
  <g data-part="mainhole" class="{{ $state->css('mainhole') }}"><path class="edge" d="M256 140V170M266 140V170"/></g>
  <g data-part="idleholes" class="{{ $state->css('idleholes') }}"><path class="edge" d="M324 150V170M329 150V170"/></g>
  <g data-part="venturi" class="{{ $state->css('venturi') }}"><path class="edge" d="M240 88H264M240 138H264"/></g>
  <x-symbols.plate part="choke" :state="$state" :at="[104, 112]" :length="74" :turn="90"><path class="slotln" d="M99 112H109" /></x-symbols.plate>
  <path class="lever" d="M326 106L372 36Q378 26 388 30Q394 34 390 44L344 116"/>
  @include('drawings::symbols.stop-screw', ['part' => 'idlespeed', 'at' => [392, 34], 'adjuster' => 'idle_speed'])
  <x-symbols.plate part="throttle" :state="$state" :at="[336, 112]" :length="74" :turn="$state->throttleDegrees() - 3"><path class="slotln" d="M336 107V117" /></x-symbols.plate>
 </g>
 <g class="layer-flow">
  <g class="circ-air">@include('drawings::symbols.chevs', [
      'at' => [[52, 92], [64, 92], [52, 134], [64, 134], [200, 112], [290, 100], [302, 100], [470, 88], [482, 88]],
  ])<text class="flow t-air" x="150" y="98">AIR</text><text class="flow t-air" x="440" y="134">ENGINE</text></g>
  <g class="circ-fuel">@include('drawings::symbols.drops', [
      'at' => [[180, 360, -90], [180, 300, -90], [230, 244], [300, 244], [410, 244], [443, 214, -90], [408, 181, 180], [261, 158, -90]],
      'size' => '0.75',
  ])
@if ($state->is('two_pickups'))
   @include('drawings::symbols.drops', ['at' => [[389, 270, 90], [357, 290, -90], [357, 220, -90]], 'size' => '0.75'])
@endif
</g>
  <text class="flow t-plain" x="120" y="366">TANK</text>
 </g>
 @include('drawings::cutaways.callouts', ['state' => $state, 'places' => [
    'pickup' => [250, 396, 188, 350], 'cup' => [440, 316, 400, 306], 'flapin' => [530, 262, 436, 242], 'pump' => [530, 222, 429, 228], 'flapout' => [530, 142, 431, 178], 'pumpspring' => [492, 290, 410, 222],
    'pulse' => [530, 182, 410, 164], 'mainscrew' => [22, 214, 94, 182], 'mainjet' => [298, 228, 338, 186], 'seat' => [298, 228, 338, 186], 'mainhole' => [206, 214, 258, 164], 'idleholes' => [256, 214, 326, 160],
    'choke' => [104, 22, 104, 106], 'venturi' => [226, 22, 246, 90], 'throttle' => [300, 22, 334, 84], 'idlespeed' => [520, 34, 478, 34], 'link' => [22, 256, 120, 214],
 ]])
</x-cutaways.frame>
