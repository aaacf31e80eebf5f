<path class="cover" d="M8 3H196V20H8Z" />
