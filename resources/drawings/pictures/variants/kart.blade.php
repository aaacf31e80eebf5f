<path class="m" d="M18 8H54V36H18Z"/><circle class="v" cx="36" cy="22" r="9"/><path class="b" d="M4 26H18V32H4Z"/><path class="l" d="M4 29Q0 34 4 40"/>
