@props(['asked'])

<g class="layer-callouts">
    <x-cutaways.callout part="inlet" number="1" name="Fuel inlet" :at="[17, 226]" :to="[56, 203]" :asked="$asked" />
    <x-cutaways.callout part="seat" number="2" name="Seat" :at="[17, 262]" :to="[157, 215]" :asked="$asked" />
    <x-cutaways.callout part="needle" number="3" name="Inlet needle" :at="[17, 334]" :to="[163, 239]" :asked="$asked" />
    <x-cutaways.callout part="float" number="4" name="Float" :at="[50, 372]" :to="[150, 288]" :asked="$asked" />
    <x-cutaways.callout part="pin" number="5" name="Float pin" :at="[17, 298]" :to="[122, 252]" :asked="$asked" />
    <x-cutaways.callout part="bowl" number="6" name="Bowl and gasket" :at="[104, 393]" :to="[124, 348]" :asked="$asked" />
    <x-cutaways.callout part="mainjet" number="7" name="Main jet" :at="[172, 393]" :to="[234, 308]" :asked="$asked" />
    <x-cutaways.callout part="emulsion" number="8" name="Emulsion tube" :at="[178, 18]" :to="[233, 140]" :asked="$asked" />
    <x-cutaways.callout part="pilotjet" number="9" name="Pilot jet" :at="[304, 393]" :to="[273, 303]" :asked="$asked" />
    <x-cutaways.callout part="mixscrew" number="10" name="Idle mixture screw" :at="[503, 236]" :to="[436, 253]" :asked="$asked" />
    <x-cutaways.callout part="idleholes" number="11" name="Idle holes" :at="[503, 164]" :to="[424, 160]" :asked="$asked" />
    <x-cutaways.callout part="choke" number="12" name="Choke plate" :at="[104, 18]" :to="[106, 114]" :asked="$asked" />
    <x-cutaways.callout part="venturi" number="13" name="Venturi" :at="[226, 18]" :to="[240, 84]" :asked="$asked" />
    <x-cutaways.callout part="throttle" number="14" name="Throttle plate" :at="[503, 112]" :to="[397, 117]" :asked="$asked" />
    <x-cutaways.callout part="idlespeed" number="15" name="Idle speed screw" :at="[262, 36]" :to="[289, 36]" :asked="$asked" />
    <x-cutaways.callout part="vent" number="16" name="Bowl vent" :at="[399, 268]" :to="[392, 187.5]" :asked="$asked" />
</g>
