<path class="f" d="M10 10H54V34H10Z"/><path class="l" d="M16 16H48M16 22H48"/>
