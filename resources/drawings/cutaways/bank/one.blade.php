@props(['state', 'y', 'screw', 'adjuster', 'linked'])

{{-- One carburetor of the bank: intake at the left, its runner and cylinder at the right. --}}
<g transform="translate(0 {{ $y }})">
 <path class="air circ-air" d="M60 16H150C170 16 176 24 190 24H204C218 24 224 17 244 17H440V61H244C224 61 218 54 204 54H190C176 54 170 62 150 62H60Z"/><path class="void" d="M142 76H246V118H142Z"/><path class="fuel circ-fuel" d="M142 92H246V118H142Z"/><path class="surface circ-fuel" d="M142 92H246"/>
 <path class="cast" d="M68 16H150C170 16 176 24 190 24H204C218 24 224 17 244 17H330V2H318V8H80V2H68Z"/><path class="cast" d="M68 62H150C170 62 176 54 190 54H204C218 54 224 61 244 61H330V76H318V70H206V104H188V70H80V76H68Z"/><path class="cover" d="M334 2H346V17H440V8H346V2M334 76H346V70H440V61H334Z"/>
 <path class="mix circ-idle" d="M190 105V66H254V60H258V66H266V60H270V66H278V60H282V70H196V105Z"/><path class="wall" d="M254 61V66H196V104M258 61V66H266V61M270 61V66H278V61M282 61V70H206"/>
 <g data-part="bowl" class="{{ $state->css('bowl') }}"><path class="bowl" d="M136 74H142V112Q142 120 150 120H238Q246 120 246 112V74H252"/></g>
 <g data-part="needle" class="{{ $state->css('needle') }}"><path class="brass" d="M152 80H160V92H152Z"/><path class="rubber" d="M152 80L156 72L160 80Z"/></g>
 <g data-part="float" class="{{ $state->css('float') }}"><rect class="float" x="152" y="94" width="34" height="18" rx="6"/><rect class="float" x="210" y="94" width="32" height="18" rx="6"/></g>
 <g data-part="mainjet" class="{{ $state->css('mainjet') }}"><path class="brass" d="M188 102H194V112H188ZM200 102H206V112H200Z"/></g>
 <g data-part="idleholes" class="{{ $state->css('idleholes') }}"><path class="edge" d="M254 61V68M270 61V68M282 61V68"/></g>
 <g transform="translate(196 68) scale(0.62)"><x-symbols.screw :part="$screw" :state="$state" :at="[0, 0]" :adjuster="$adjuster" :turn="180" :shaft="150" /></g>
 <g data-part="vacuum" class="{{ $state->css('vacuum') }}"><path class="brass" d="M384 -2H396V17H384Z"/><path class="slotln" d="M386 2H394"/></g>
 <g data-part="choke" class="{{ $state->css('choke') }}"><rect class="plate" x="84" y="37" width="42" height="3" rx="1.500"/><circle class="steel" cx="105" cy="38.500" r="4.500"/></g>
 <g data-part="throttle" class="{{ $state->css('throttle') }}"><rect class="plate" transform="rotate(8 268 39)" x="266.500" y="19" width="3" height="40" rx="1.500"/><circle class="steel" cx="268" cy="39" r="5"/></g>
 <path class="lever" d="M268 39L300 28"/>
 @if ($linked)
 <g data-part="balance" class="{{ $state->css('balance') }}"><circle class="brassface" cx="300" cy="28" r="7"/><path class="slotln" d="M296 25L304 31"/></g>
 @else
 <g data-part="reference" class="{{ $state->css('reference') }}"><circle class="steel" cx="300" cy="28" r="6"/></g>
 @endif
 <g class="circ-air"><x-symbols.chevs :at="[[72, 30], [72, 50], [222, 39], [356, 30], [364, 30]]" size="0.7" /></g>
</g>
