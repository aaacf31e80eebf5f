<path class="cast" d="M8 1H196V22H8Z" />
