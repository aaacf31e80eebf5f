<path class="spring" d="M88 1L116 5L88 9L116 13L88 17L116 21" />
