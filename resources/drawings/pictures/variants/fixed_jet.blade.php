<path class="m" d="M4 8H34V38H4Z"/><path class="b" d="M34 18H42V28H34Z"/><path class="k" d="M34 23H42"/>
