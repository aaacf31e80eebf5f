<path class="m" d="M6 8H58V14H6ZM6 32H58V38H6Z"/><path class="s" d="M2 14L62 20V30L2 24Z"/><path class="a" d="M54 24V34M51 31L54 34L57 31"/>
