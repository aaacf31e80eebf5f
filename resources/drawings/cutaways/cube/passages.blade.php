<g class="layer-passages">
 <path class="wall" d="M70 118H133V101M70 126H143V101"/><path class="land" d="M336 86H357V94H336ZM367 86H388V94H367Z"/>
 <path class="fuel circ-fuel" d="M345 101H379V113L367 128H357L345 113Z"/><path class="wall" d="M345 101V113L357 128V154M379 101V113L367 128V154"/>
 <path class="fuel circ-fuel" d="M357.600 127H366.400V155H357.600Z"/><path class="fuel hid circ-fuel" d="M357 154H367V230H357Z"/><path class="hidden" d="M357 156V230M367 156V230"/>
 <path class="fuel circ-fuel" d="M357 230H367V266H357Z"/><path class="wall" d="M357 230V264M367 230V264"/>
 <g class="circ-fuel"><path class="fuel" d="M150 297V265H140V279H150ZM140 265H186V279H140Z"/><path class="fuel" d="M150 278H160V298H150Z"/><path class="fuel" d="M185 268.500H197V266H239V256H249V277H197V275.500H185Z"/></g>
 <path class="wall" d="M150 296V279H140V265H186V268.500H196V266H239V256M249 256V277H196V275.500H186V279H160V296"/>
@if ($state->is('dependent'))
 <path class="fuel hid circ-fuel" d="M214 276H222V284H462V276H472V291H214Z"/><path class="hidden" d="M214 277V291H472V277M222 277V284H462V277"/><g class="circ-fuel">@include('drawings::symbols.drops', ['at' => [[300, 287.5], [430, 287.5]], 'size' => '0.7'])</g>
@else
 <g class="circ-fuel"><path class="fuel" d="M462 298V276H472V298Z"/>@include('drawings::symbols.drops', ['at' => [[467, 287, -90]]])</g><path class="wall" d="M472 276V296M462 296V276"/>
@endif
@if ($state->is('semi_fixed_high'))
 <path class="fuel circ-fuel" d="M216 297V276H219V297Z"/><path class="wall" d="M215.500 296V277M219.500 296V277"/><path class="edge" d="M219.500 289H228"/><text class="flow t-fuel" x="248" y="293">FIXED</text>
@endif
 <path class="fuel circ-fuel" d="M456 262H490V276H456ZM445 266H457V272H445Z"/>
 <path class="mix circ-idle" d="M392 252H404V229H409V252H413V229H418V252H433V229H438V252H446V288H392Z"/>
 <path class="wall" d="M392 296V252H404V230M409 230V252H413V230M418 230V252H433V230M438 230V252H446V266H456V262H490M490 276H456V272H446V296"/>
 <path class="fuel circ-fuel" d="M296 272H314V298H296Z"/><path class="wall" d="M296 296V272H314V296"/>
</g>
