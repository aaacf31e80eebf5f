<x-cutaways.frame :state="$state" :width="584" :height="430">
 <g class="layer-void"><path class="air circ-air" d="M166 62H262C290 62 298 76 318 76H336C356 76 364 64 392 64H536V138H392C364 138 356 126 336 126H318C298 126 290 138 262 138H166Z"/><path class="void" d="M196 196H444V330H196Z"/></g>
 <g class="layer-fuel circ-fuel"><path class="fuel lvl lvl-up" d="M196 250H444V330H196Z"/><path class="fuel lvl lvl-down" d="M196 228H444V330H196Z"/><path class="surface lvl-up" d="M196 250H444"/><path class="surface lvl-down" d="M196 228H444"/></g>
 <g class="layer-casting">
  <path class="cast" d="M176 62H262C290 62 298 76 318 76H336C356 76 364 64 392 64H524V34H508V48H192V34H176Z"/>
  <path class="cast" d="M176 138H262C290 138 298 126 318 126H336C356 126 364 138 392 138H524V164H474V190H166V150H176Z"/>
  <path class="cast" d="M166 196H196V330H444V196H474V374H166Z"/>
  <path class="cover" d="M70 186H96V212H86V292H96V318H70Z"/>
 </g>
 <path class="pulse" d="M86 212H126V292H86Z"/>
 <g class="layer-passages">
  <path class="fuel circ-fuel" d="M132 200H166V180H236V192H228V186H174V208H166V292H132Z"/><path class="wall" d="M166 200V180H236M174 208V188H228"/>
  <path class="air circ-air" d="M270 130H278V197H270Z"/>
  <path class="fuel circ-main" d="M322 340H500V356H322Z"/><path class="fuel circ-main" d="M404 329H416V341H404Z"/><path class="wall" d="M310 340H404V330M416 330V340H474M310 356H474"/>
  <path class="mix circ-idle" d="M452 341V152H430V137H436V146H444V137H450V146H460V341Z"/><path class="wall" d="M452 340V152H430V138M436 138V146H444V138M450 138V146H460V340"/>
  <path class="fuel circ-main" d="M310 340H334V356H310Z"/>
 </g>
 <g class="layer-parts">
  <g data-part="backplate" class="{{ $state->css('backplate') }}"><path class="edge" d="M70 200H96M70 304H96"/></g>
  <g data-part="pulse" class="{{ $state->css('pulse') }}">@include('drawings::symbols.barb', ['part' => 'pulse', 'at' => [90, 314], 'turn' => -90, 'fill' => 'pulse'])</g>
  <g data-part="inlet" class="{{ $state->css('inlet') }}"><path class="fuel circ-fuel" d="M132 286H156V330H146V296H132Z"/><path class="wall" d="M146 330V296M156 330V286"/>@include('drawings::symbols.barb', ['part' => 'inlet', 'at' => [151, 330], 'turn' => -90])</g>
  <g data-part="pumpspring" class="{{ $state->css('pumpspring') }}"><path class="spring" d="M90 232L96 270L102 232L108 270L114 232L118 270"/><path class="steelstrip" d="M121 228V276"/><path class="spring" d="M88 292L94 284L98 292L102 284L106 290M138 244L144 256L150 244L156 256L162 244"/></g>
  <g data-part="pump" class="{{ $state->css('pump') }}"><path class="gasket" d="M99 186V212M99 292V318M161 186V200M161 292V318"/><path class="membrane" d="M128 186V214C128 222 124 226 124 252S128 282 128 290V318"/><path class="edge" d="M96 186H166M96 318H166"/></g>
  <g data-part="outlet" class="{{ $state->css('outlet') }}"><path class="edge" d="M174 188H228"/></g>
  @include('drawings::symbols.seat', ['at' => [232, 206]])
  @include('drawings::symbols.inlet-needle', ['at' => [232, 208]])
  <g data-part="pin" class="{{ $state->css('pin') }}"><path class="behind" d="M200 196V246H214V196"/><circle class="steel" cx="207" cy="242" r="5"/></g>
  <g data-part="float" class="{{ $state->css('float') }} p-float-s"><path class="steelstrip" d="M203 243L236 245L262 254"/><rect class="float" x="252" y="246" width="140" height="48" rx="12"/><rect class="float-in" x="257" y="251" width="130" height="38" rx="8"/></g>
  <g data-part="bowl" class="{{ $state->css('bowl') }}"><path class="gasket" d="M166 193H196M444 193H474"/><path class="wall" d="M166 196V374H474V364M474 332V196"/></g>
  <g data-part="emulsion" class="{{ $state->css('emulsion') }}"><path class="brass" d="M316 112H321V342H316ZM333 112H328V342H333Z"/><path class="mixfill circ-main" d="M321 112H328V342H321Z"/><path class="holes" d="M316 206h5M328 206h5M316 222h5M328 222h5M316 238h5M328 238h5"/></g>
  <g data-part="mainjet" class="{{ $state->css('mainjet') }}"><path class="brass" d="M342 339H374V346H342ZM342 350H374V357H342Z"/><path class="edge" d="M348 339V346M354 339V346M360 339V346M348 350V357M354 350V357M360 350V357"/></g>
  <g data-part="drain" class="{{ $state->css('drain') }}"><path class="brassface" d="M474 332H480V340H498V332H512V364H498V356H480V364H474Z"/><path class="rubber" d="M470 336H474V340H470ZM470 356H474V360H470Z"/></g>
@if ($state->is('fixed_jet'))
  <g data-part="mixscrew" class="{{ $state->css('mixscrew') }}"><path class="brass" d="M456 160H486V168H456ZM456 172H486V180H456Z"/><path class="fuel nob circ-idle" d="M456 168H486V172H456Z"/><path class="slot" d="M486 164V176"/></g>
@else
  @include('drawings::symbols.screw', ['part' => 'mixscrew', 'at' => [458, 177], 'adjuster' => 'idle_mixture', 'shaft' => 10])
@endif
  <g data-part="idleholes" class="{{ $state->css('idleholes') }}"><path class="edge" d="M430 138V150M436 138V146M444 138V146M450 138V146"/></g>
  <g data-part="vent" class="{{ $state->css('vent') }}"><path class="wall" d="M270 137V196M278 135V196"/></g>
  <g data-part="venturi" class="{{ $state->css('venturi') }}"><path class="edge" d="M318 76H336M318 126H336"/></g>
  <x-symbols.plate part="choke" :state="$state" :at="[216, 100]" :length="74" :turn="90"><path class="slotln" d="M211 100H221" /></x-symbols.plate>
  <path class="lever" d="M432 94L466 24Q472 16 480 20Q486 24 484 32L450 104"/>
  @include('drawings::symbols.stop-screw', ['part' => 'idlespeed', 'at' => [486, 24], 'adjuster' => 'idle_speed'])
  <x-symbols.plate part="throttle" :state="$state" :at="[440, 101]" :length="72" :turn="$state->throttleDegrees() - 3"><path class="slotln" d="M440 96V106" /></x-symbols.plate>
 </g>
 <g class="layer-flow">
  <g class="circ-air">@include('drawings::symbols.chevs', [
      'at' => [[182, 78], [194, 78], [182, 124], [194, 124], [290, 101], [374, 88], [386, 88], [504, 84], [516, 84]],
  ])<text class="flow t-air" x="256" y="86">AIR</text><text class="flow t-air" x="492" y="122">ENGINE</text></g>
  <g class="circ-fuel">@include('drawings::symbols.drops', [
      'at' => [[151, 310, -90], [148, 226, -90], [190, 184], [216, 184]],
      'size' => '0.75',
  ])</g><g class="circ-main">@include('drawings::symbols.drops', ['at' => [[410, 336, 90], [386, 348, 180], [324, 190, -90]], 'size' => '0.75'])</g><g class="circ-idle">@include('drawings::symbols.drops', ['at' => [[456, 300, -90], [456, 230, -90]], 'size' => '0.7'])</g>
  <path class="pulsearr" d="M104 252H120M107 249L103.500 252L107 255M117 249L120.500 252L117 255"/>
 </g>
 @include('drawings::cutaways.callouts', ['state' => $state, 'places' => [
    'pulse' => [40, 388, 86, 350], 'inlet' => [186, 402, 154, 360], 'pump' => [128, 150, 127, 200], 'pumpspring' => [24, 246, 98, 250], 'backplate' => [24, 196, 76, 208], 'outlet' => [24, 146, 178, 190],
    'seat' => [204, 158, 226, 198], 'needle' => [220, 402, 234, 226], 'float' => [252, 402, 276, 286], 'pin' => [90, 146, 204, 240], 'bowl' => [288, 402, 296, 362], 'drain' => [552, 386, 506, 356],
    'mainjet' => [356, 402, 358, 354], 'mixscrew' => [562, 214, 520, 184], 'emulsion' => [326, 19, 324, 118], 'idleholes' => [562, 150, 440, 148], 'choke' => [216, 19, 216, 94], 'venturi' => [276, 19, 320, 78],
    'throttle' => [562, 101, 446, 108], 'idlespeed' => [562, 52, 536, 34], 'vent' => [300, 160, 276, 174],
 ]])
</x-cutaways.frame>
