<path class="b" d="M8 6H26V28L18 40H8ZM56 6H38V28L46 40H56Z"/><circle class="k" cx="25" cy="27" r="3"/><circle class="k" cx="41" cy="31" r="2"/>
