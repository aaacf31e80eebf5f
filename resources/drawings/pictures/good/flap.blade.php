<path class="m" d="M4 26H26V40H4ZM38 26H60V40H38Z"/><path class="d" d="M6 23H44"/>
