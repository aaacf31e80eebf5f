@props(['state'])

@if ($state === 'here')
    <svg class="nut here" viewBox="0 0 56 40" aria-hidden="true"><path class="b" d="M2 10H8V30H2Z"/><path class="b" d="M8 4H21V36H8Z"/><path class="l" d="M8 13H21M8 27H21"/><path class="o" d="M35 4H48V36H35Z"/><path class="o" d="M48 10H54V30H48Z"/><path class="l" d="M35 13H48M35 27H48"/><path class="f" d="M21 13H26Q31 20 26 27H21Z"/></svg>
@elseif ($state === 'done')
    <svg class="nut" viewBox="0 0 44 40" aria-hidden="true"><path class="b" d="M4 10H10V30H4ZM34 10H40V30H34Z"/><path class="b" d="M10 4H34V36H10Z"/><path class="l" d="M10 13H34M10 27H34"/><path class="t" d="M16 20.500L20.500 25L28.500 15"/></svg>
@elseif ($state === 'stale')
    <svg class="nut stale" viewBox="0 0 44 40" aria-hidden="true"><path class="o" d="M4 10H10V30H4ZM34 10H40V30H34Z"/><path class="o" d="M10 4H34V36H10Z"/><path class="hx" d="M10 12L18 4M10 20L26 4M10 28L34 4M10 36L34 12M18 36L34 20M26 36L34 28"/><path class="d" d="M39 29C43 35 44.500 37 44.500 39A3.800 3.800 0 0 1 36.900 39C36.900 37 37 35 39 29Z"/></svg>
@else
    <svg class="nut todo" viewBox="0 0 44 40" aria-hidden="true"><path class="o" d="M4 10H10V30H4ZM34 10H40V30H34Z"/><path class="o" d="M10 4H34V36H10Z"/><path class="l" d="M10 13H34M10 27H34"/></svg>
@endif
