<g class="layer-detail">
 <circle class="ring" cx="167" cy="220" r="30"/><circle class="ringtag" cx="190" cy="243" r="9.500"/><text class="ringtxt" x="190" y="247.200">X</text>
 <g clip-path="url(#c-det)"><rect class="void" x="390" y="270" width="130" height="130"/>
  <path class="cast" d="M380 270H418V376H380ZM486 270H530V376H486Z"/>
  <path class="fuel nob circ-fuel" d="M418 270H486V301H466V338L480 366H424L438 338V301H418Z"/>
  <path class="brass" d="M418 300H438V338L424 366V372H418Z"/><path class="brass" d="M486 300H466V338L480 366V372H486Z"/>
  <path class="rubber" d="M422 404V372L443 330Q446 324 452 324Q458 324 461 330L482 372V404Z"/>
@if ($state->leaks)
  <path class="wear" d="M433 350.500Q437.500 349 436.500 344M471 350.500Q466.500 349 467.500 344"/><path class="leakhalo" d="M467 337L482 367"/><path class="leakpath" d="M467 337L482 367"/>
@endif
 </g>
 <circle class="ring" cx="452" cy="336" r="56"/>
 <rect class="tagbg" x="415" y="383" width="74" height="22" rx="3"/><text class="dettxt" x="452" y="399">DETAIL X</text>
</g>
