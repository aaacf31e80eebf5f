<path class="m" d="M20 6H58V38H20Z"/><path class="b" d="M4 18H20V26H4Z"/><text x="34" y="29">P</text>
