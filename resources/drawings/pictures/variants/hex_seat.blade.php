<path class="m" d="M4 8H26V38H4Z"/><path class="b" d="M26 17H34V29H26ZM34 10L46 10L52 23L46 36H34Z"/><path class="k" d="M34 23H52"/>
