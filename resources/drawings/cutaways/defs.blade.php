<defs>
 <pattern id="h-cast" width="6.5" height="6.5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect class="hb-cast" width="6.5" height="6.5"/><path class="hl-cast" d="M0 0V6.5"/></pattern>
 <pattern id="h-cover" width="6.5" height="6.5" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)"><rect class="hb-cast" width="6.5" height="6.5"/><path class="hl-cast" d="M0 0V6.5"/></pattern>
 <pattern id="h-brass" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)"><rect class="hb-brass" width="4" height="4"/><path class="hl-brass" d="M0 0V4"/></pattern>
 <pattern id="h-mix" width="12" height="9" patternUnits="userSpaceOnUse"><rect class="hb-fuel" width="12" height="9"/><circle class="hb-bub" cx="3" cy="2.6" r="1.6"/><circle class="hb-bub" cx="9" cy="6.6" r="1.6"/></pattern>
 <pattern id="h-pulse" width="7" height="7" patternUnits="userSpaceOnUse"><rect class="hb-void" width="7" height="7"/><circle class="hb-dot" cx="2" cy="2" r="1"/><circle class="hb-dot" cx="5.5" cy="5.5" r="1"/></pattern>
</defs>
