@props(['state'])

<x-cutaways.frame :state="$state" :width="560" :height="452">
 <x-cutaways.bank.one :state="$state" :y="26" screw="mixscrew" adjuster="top" linked />
 <x-cutaways.bank.one :state="$state" :y="164" screw="mixmiddle" adjuster="middle" :linked="false" />
 <x-cutaways.bank.one :state="$state" :y="302" screw="mixbottom" adjuster="bottom" linked />
 <g class="layer-parts">
  <g data-part="link" class="{{ $state->css('link') }}"><path class="steelstrip" d="M306 52V392"/></g>
  <g data-part="inlet" class="{{ $state->css('inlet') }}"><path class="chan fuel circ-fuel" d="M40 96H152V103H47V233H152V240H47V371H152V378H40Z"/></g>
  <path class="lever" d="M306 388L332 410"/>
  <x-symbols.stop-screw part="idlespeed" :state="$state" :at="[336, 412]" adjuster="idle_speed" />
 </g>
 <g class="layer-flow"><g class="circ-fuel"><x-symbols.drops :at="[[43.5, 160, -90], [43.5, 300, -90], [100, 99.5], [100, 236.5], [100, 374.5]]" size="0.6" /></g>
  <text class="flow t-air" x="470" y="70">TOP</text><text class="flow t-air" x="482" y="208">MIDDLE</text><text class="flow t-air" x="482" y="346">BOTTOM</text></g>
 <x-cutaways.callouts :state="$state" :places="[
    'inlet' => [20, 172, 42, 190], 'needle' => [116, 142, 155, 108], 'float' => [170, 156, 166, 134], 'bowl' => [268, 142, 246, 136], 'mainjet' => [216, 154, 203, 138], 'mixscrew' => [20, 66, 62, 92],
    'mixmiddle' => [20, 262, 62, 234], 'mixbottom' => [20, 340, 62, 372], 'idleholes' => [350, 142, 270, 94], 'choke' => [105, 18, 105, 60], 'throttle' => [240, 18, 264, 58], 'link' => [360, 262, 308, 262],
    'idlespeed' => [470, 412, 418, 414], 'balance' => [328, 18, 304, 48], 'reference' => [404, 282, 306, 194], 'vacuum' => [428, 18, 394, 28],
 ]" />
</x-cutaways.frame>
