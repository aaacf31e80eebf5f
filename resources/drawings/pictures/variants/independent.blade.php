<path class="l" d="M20 42V22H30M44 42V22H36"/><path class="b" d="M2 18H16L20 22L16 26H2ZM62 18H48L44 22L48 26H62Z"/><text x="4" y="14">H</text><text x="52" y="14">L</text>
