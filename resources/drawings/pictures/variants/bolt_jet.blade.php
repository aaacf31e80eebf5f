<path class="m" d="M8 6H56V14H8Z"/><path class="b" d="M27 14H37V34H27ZM23 34H41V42H23Z"/><path class="k" d="M32 14V28M25 28H39"/>
