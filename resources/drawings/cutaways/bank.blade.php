{{-- The linkage runs beside the bores: solid where it is seen, dashed where a body stands before it. --}}
<x-cutaways.frame :state="$state" :width="560" :height="452">
 <g class="layer-parts"><g data-part="link" class="{{ $state->css('link') }}"><path class="steelstrip" d="M356 134V158M356 272V296M356 404V414"/><path class="lever" d="M356 26V134M356 164V272M356 302V404"/></g></g>
 <x-cutaways.bank.one :state="$state" :y="26" screw="mixscrew" adjuster="top" linked />
 <x-cutaways.bank.one :state="$state" :y="164" screw="mixmiddle" adjuster="middle" :linked="false" />
 <x-cutaways.bank.one :state="$state" :y="302" screw="mixbottom" adjuster="bottom" linked />
 <g class="layer-parts">
  <g data-part="inlet" class="{{ $state->css('inlet') }}"><path class="chan fuel circ-fuel" d="M40 105H120V89H159V99H153V95H127V112H47V243H120V227H159V237H153V233H127V250H47V381H120V365H159V375H153V371H127V388H40Z"/></g>
  @include('drawings::symbols.stop-screw', ['part' => 'idlespeed', 'at' => [360, 416], 'adjuster' => 'idle_speed'])
 </g>
 <g class="layer-flow"><g class="circ-fuel">@include('drawings::symbols.drops', [
     'at' => [[43.5, 160, -90], [43.5, 300, -90], [84, 108.5], [84, 246.5], [84, 384.5]],
     'size' => '0.6',
 ])</g>
  <text class="flow t-air" x="470" y="70">TOP</text><text class="flow t-air" x="482" y="208">MIDDLE</text><text class="flow t-air" x="482" y="346">BOTTOM</text></g>
 @include('drawings::cutaways.callouts', ['state' => $state, 'places' => [
    'inlet' => [20, 172, 42, 190], 'needle' => [100, 142, 154, 116], 'float' => [150, 156, 164, 132], 'bowl' => [264, 150, 230, 142], 'mainjet' => [206, 156, 197, 138], 'mixscrew' => [398, 116, 328, 113],
    'mixmiddle' => [400, 262, 328, 251], 'mixbottom' => [282, 426, 318, 394], 'idleholes' => [290, 18, 282, 89], 'choke' => [105, 18, 105, 60], 'throttle' => [232, 18, 264, 58], 'link' => [426, 284, 358, 282],
    'idlespeed' => [496, 414, 446, 418], 'balance' => [324, 14, 351, 19], 'reference' => [424, 150, 361, 157], 'vacuum' => [428, 18, 394, 28],
 ]])
</x-cutaways.frame>
