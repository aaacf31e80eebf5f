<path class="l" d="M30 42V24H40M30 32H52V24H46"/><path class="b" d="M8 20H26L30 24L26 28H8Z"/><path class="k" d="M46 32H52"/><text x="10" y="16">H</text>
