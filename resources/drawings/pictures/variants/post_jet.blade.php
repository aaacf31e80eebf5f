<path class="m" d="M8 6H56V14H38V34H26V14H8Z"/><path class="b" d="M28 22H36V31H28Z"/><path class="k" d="M32 22V31"/><path class="s" d="M24 36H40V42H24Z"/>
