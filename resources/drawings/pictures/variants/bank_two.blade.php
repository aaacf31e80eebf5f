<path class="m" d="M10 6H30V16H10ZM10 28H30V38H10Z"/><path class="l" d="M44 9V35M30 11H44M30 33H44"/><circle class="b" cx="44" cy="11" r="3"/>
