<g class="layer-behind">
 <path class="behind" d="M119 204V258H134V204"/>
 <g class="p-float-g"><rect class="behind solid" x="142" y="262" width="220" height="38"/></g>
</g>
