<path class="m" d="M10 26H54V40H10Z"/><path class="b" d="M24 14H40V26H24ZM30 2H34V38H30Z"/><path class="r" d="M27 26H37"/>
