<path class="m" d="M6 6H58V16H40V34H24V16H6Z"/><path class="b" d="M28 18H36V40H28Z"/><path class="r" d="M26 22H38M26 28H38"/><path class="a" d="M48 34V22M44 26L48 22L52 26"/>
