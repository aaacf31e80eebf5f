<path class="l" d="M10 38V22H26M26 22H42V38"/><path class="b" d="M4 18H24L27 22L24 26H4Z"/><path class="b" d="M60 34H48L44 38L48 42H60Z"/><text x="8" y="14">H</text><text x="50" y="30">L</text>
