<path class="m" d="M4 8H34V38H4Z"/><path class="b" d="M34 20H50V26H34ZM50 15H58V31H50Z"/><path class="l" d="M38 30L40 16M42 30L44 16M46 30L48 16"/>
