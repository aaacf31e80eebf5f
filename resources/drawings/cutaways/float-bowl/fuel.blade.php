<g class="layer-fuel circ-fuel">
 <path class="fuel lvl lvl-up" d="M114 272H380V333Q380 353 360 353H134Q114 353 114 333Z"/>
 <path class="fuel lvl lvl-down" d="M114 296H380V333Q380 353 360 353H134Q114 353 114 333Z"/>
 <g class="lvl-up"><path class="surface" d="M114 272H380"/><path class="surface thin" d="M366 277.500H378M369 282H375"/></g>
 <g class="lvl-down"><path class="surface" d="M114 296H380"/></g>
</g>
