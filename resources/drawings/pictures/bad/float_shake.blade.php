<path class="f" d="M10 10H54V34H10Z"/><path class="t" d="M10 26H54V34H10Z"/><path class="l" d="M40 10L44 18L41 24"/>
