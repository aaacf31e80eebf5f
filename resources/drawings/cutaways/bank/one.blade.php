@props(['state', 'y', 'screw', 'adjuster', 'linked'])

{{-- One carburetor of the bank: air comes in at the left, its runner and cylinder are at the right. --}}
<g transform="translate(0 {{ $y }})">
 <path class="air circ-air" d="M60 16H150C170 16 176 24 190 24H204C218 24 224 17 244 17H440V61H244C224 61 218 54 204 54H190C176 54 170 62 150 62H60Z"/><path class="void" d="M142 76H232V118H142Z"/><path class="fuel circ-fuel" d="M142 92H232V118H142Z"/><path class="surface circ-fuel" d="M142 92H232"/>
 <path class="cast" d="M68 16H150C170 16 176 24 190 24H204C218 24 224 17 244 17H330V2H318V8H80V2H68Z"/><path class="cast" d="M68 62H150C170 62 176 54 190 54H204C218 54 224 61 244 61H330V76H318V70H308V100H240V70H217V104H184V70H80V76H68Z"/><path class="cover" d="M334 2H346V17H440V8H346V2M334 76H346V70H440V61H334Z"/>
 <path class="mix circ-idle" d="M207 104V63H250V83H263V82H292V90H263V89H244V69H213V104ZM270 82V71H256V66H258V61H262V66H268V61H272V66H280V61H284V66H286V71H278V82Z"/><path class="wall" d="M207 104V63H250V83H263M213 104V69H244V89H263M292 82H278V71H286V66H284V61M280 61V66H272V61M268 61V66H262V61M258 61V66H256V71H270V82H263M263 90H292"/>
 <path class="mixfill circ-main" d="M190 112V96H193V46H201V96H204V112Z"/><path class="brass" d="M190 46H193V102H190ZM201 46H204V102H201Z"/>
 <g data-part="bowl" class="{{ $state->css('bowl') }}"><path class="bowl" d="M136 74H142V112Q142 120 150 120H224Q232 120 232 112V74H238"/></g>
 <g data-part="needle" class="{{ $state->css('needle') }}"><path class="brass" d="M148 69H153V79H148ZM159 69H164V79H159Z"/><path class="brass" d="M152 81H160V92H152Z"/><path class="rubber" d="M152 81L156 72L160 81Z"/></g>
 <g data-part="float" class="{{ $state->css('float') }}"><rect class="float" x="148" y="94" width="32" height="18" rx="6"/><path class="steelstrip" d="M152 93H174"/></g>
 <g data-part="mainjet" class="{{ $state->css('mainjet') }}"><path class="brass" d="M188 104H194V114H188ZM200 104H206V114H200Z"/></g>
 <g data-part="idleholes" class="{{ $state->css('idleholes') }}"><path class="edge" d="M258 61V67M262 61V67M268 61V67M272 61V67M280 61V67M284 61V67"/></g>
 <g transform="translate(264 86) scale(0.62)">@include('drawings::symbols.screw', ['part' => $screw, 'at' => [0, 0], 'shaft' => 44])</g>
 <g data-part="vacuum" class="{{ $state->css('vacuum') }}"><path class="brass" d="M384 -2H396V17H384Z"/><path class="slotln" d="M386 2H394"/></g>
 <g data-part="choke" class="{{ $state->css('choke') }}"><rect class="plate" x="84" y="37" width="42" height="3" rx="1.500"/><circle class="steel" cx="105" cy="38.500" r="4.500"/></g>
 <g data-part="throttle" class="{{ $state->css('throttle') }}"><rect class="plate" transform="rotate(8 268 39)" x="266.500" y="19" width="3" height="40" rx="1.500"/><circle class="steel" cx="268" cy="39" r="5"/></g>
 <path class="lever" d="M272 37L350 -3"/>
 @if ($linked)
 <g data-part="balance" class="{{ $state->css('balance') }}"><circle class="brassface" cx="356" cy="-6" r="7"/><path class="slotln" d="M352 -9L360 -3"/></g>
 @else
 <g data-part="reference" class="{{ $state->css('reference') }}"><circle class="steel" cx="356" cy="-6" r="6"/></g>
 @endif
 <g class="circ-air">@include('drawings::symbols.chevs', ['at' => [[72, 30], [72, 50], [222, 39], [406, 39], [414, 39]], 'size' => '0.7'])</g>
</g>
