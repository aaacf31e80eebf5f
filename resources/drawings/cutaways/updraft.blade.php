<x-cutaways.frame :state="$state" :width="560" :height="430">
 <g class="layer-void"><path class="air circ-air" d="M304 14V150C304 172 326 190 326 212C326 236 304 254 304 282V372H520V292H412Q396 292 396 276V282C396 254 374 236 374 212C374 190 396 172 396 150V14Z"/><path class="void" d="M60 168H262V330H60Z"/></g>
 <g class="layer-fuel circ-fuel"><path class="fuel lvl lvl-up" d="M60 226H262V330H60Z"/><path class="fuel lvl lvl-down" d="M60 206H262V330H60Z"/><path class="surface lvl-up" d="M60 226H262"/><path class="surface lvl-down" d="M60 206H262"/></g>
 <g class="layer-casting">
  <path class="cast" d="M286 14H304V150C304 172 326 190 326 212C326 226 318 238 312 250L268 294V166H46V128H92V112H108V128H172V140H188V128H286Z"/>
  <path class="cast" d="M396 14H414V276Q414 282 420 282H520V292H412Q396 292 396 276V282C396 254 374 236 374 212C374 190 396 172 396 150Z"/>
  <path class="cast" d="M46 172H60V330H222L244 308H262V301L306 257C304 266 304 272 304 282V372H520V390H266L226 350L206 370H186L180 352H56Q46 352 46 342Z"/>
  <path class="cast" d="M262 172H268V294L262 300Z"/>
 </g>
 <g data-part="bowl" class="{{ $state->css('bowl') }}"><path class="gasket" d="M46 169H60M262 169H268"/><path class="wall" d="M60 172V330H222"/></g>
 <g class="layer-passages">
  <path class="fuel circ-fuel" d="M66 144H152V158H138V152H66Z"/><path class="wall" d="M66 144H152M66 152H138"/>
  <path class="air circ-air" d="M176 128H184V168H176Z"/><path class="wall" d="M176 138V166M184 138V166M152 144V166"/>
  <path class="fuel circ-main" d="M222 316L244 316V330H226Z"/>
  <path class="mix circ-idle" d="M292 268H284V96H305V88H284V74H305V66H276V276H290Z"/><path class="wall" d="M290 276H276V66H304M304 74H284V88H304M304 96H284V268H292"/>
 </g>
 <g class="layer-parts">
  @include('drawings::symbols.barb', ['part' => 'inlet', 'at' => [68, 148]])
  @include('drawings::symbols.seat', ['at' => [146, 180]])
  @include('drawings::symbols.inlet-needle', ['at' => [146, 182]])
  <g data-part="pin" class="{{ $state->css('pin') }}"><path class="behind" d="M98 166V206H112V166"/><circle class="steel" cx="105" cy="204" r="5"/></g>
  <g data-part="float" class="{{ $state->css('float') }} p-float-u"><path class="steelstrip" d="M101 206L150 219L168 222"/><rect class="float" x="120" y="224" width="128" height="52" rx="12"/><rect class="float-in" x="125" y="229" width="118" height="42" rx="8"/></g>
  <g data-part="emulsion" class="{{ $state->css('emulsion') }}"><g transform="translate(236 322) rotate(-45)"><path class="brass" d="M-4 -13L14 -9H120V-4H-4ZM-4 13L14 9H120V4H-4Z"/><path class="mixfill circ-main" d="M14 -4H120V4H14Z"/><path class="fuel circ-main nob" d="M-4 -4H14V4H-4Z"/><path class="holes" d="M70 -9v5M70 4v5M84 -9v5M84 4v5M98 -9v5M98 4v5"/></g></g>
  @include('drawings::symbols.screw', ['part' => 'mainscrew', 'at' => [228, 330], 'adjuster' => 'main', 'turn' => 135, 'shaft' => 18])
  @include('drawings::symbols.screw', ['part' => 'mixscrew', 'at' => [280, 118], 'adjuster' => 'idle_mixture', 'turn' => 180, 'shaft' => 30])
  <g data-part="idleholes" class="{{ $state->css('idleholes') }}"><path class="edge" d="M284 66H305M284 74H305M284 88H305M284 96H305"/></g>
  <g data-part="vent" class="{{ $state->css('vent') }}"><path class="edge" d="M173 140H187"/></g>
  <g data-part="venturi" class="{{ $state->css('venturi') }}"><path class="edge" d="M326 206V218M374 206V218"/></g>
  <x-symbols.plate part="choke" :state="$state" :at="[466, 332]" :length="76" :turn="90"><path class="slotln" d="M461 332H471" /></x-symbols.plate>
  <path class="lever" d="M343 78L436 52Q446 48 450 58Q452 66 444 70L356 92"/>
  @include('drawings::symbols.stop-screw', ['part' => 'idlespeed', 'at' => [452, 60], 'adjuster' => 'idle_speed'])
  <x-symbols.plate part="throttle" :state="$state" :at="[350, 84]" :length="90" :turn="90 - $state->throttleDegrees() + 3"><path class="slotln" d="M345 84H355" /></x-symbols.plate>
 </g>
 <g class="layer-flow">
  <g class="circ-air">@include('drawings::symbols.chevs', [
      'at' => [[506, 312, 180], [494, 312, 180], [506, 352, 180], [494, 352, 180], [350, 320, -90], [350, 306, -90], [350, 150, -90], [350, 138, -90], [350, 40, -90], [350, 28, -90]],
  ])<text class="flow t-air" x="430" y="318">AIR</text><text class="flow t-air" x="350" y="64">ENGINE</text></g>
  <g class="circ-fuel">@include('drawings::symbols.drops', ['at' => [[96, 148], [124, 148]]])</g><g class="circ-main">@include('drawings::symbols.drops', ['at' => [[262, 296, -45], [300, 258, -45]]])</g>
  <g class="circ-idle">@include('drawings::symbols.drops', ['at' => [[280, 230, -90], [280, 170, -90]], 'size' => '0.7'])</g>
 </g>
 @include('drawings::cutaways.callouts', ['state' => $state, 'places' => [
    'inlet' => [18, 112, 40, 145], 'seat' => [160, 60, 156, 170], 'needle' => [208, 60, 150, 196], 'float' => [24, 262, 126, 248], 'pin' => [24, 216, 101, 204],
    'bowl' => [24, 306, 52, 320], 'mainscrew' => [110, 408, 168, 386], 'emulsion' => [326, 412, 284, 272], 'mixscrew' => [112, 60, 204, 108], 'idleholes' => [252, 28, 294, 70],
    'choke' => [466, 412, 466, 340], 'venturi' => [470, 212, 376, 212], 'throttle' => [490, 108, 388, 88], 'idlespeed' => [500, 22, 500, 54], 'vent' => [60, 60, 178, 136],
 ]])
</x-cutaways.frame>
