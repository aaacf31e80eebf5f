<path class="m" d="M8 4H56V10H8Z"/><path class="b" d="M25 12H39V24H25Z"/><path class="b" d="M30 6H34V36H30ZM24 36H40V40H24Z"/>
