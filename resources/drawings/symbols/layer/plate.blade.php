<path class="steel" d="M8 7H196V16H8Z" />
