<path class="m" d="M6 8H58V16H6ZM6 28H58V36H6Z"/><path class="s" d="M2 17H62V27H2Z"/>
