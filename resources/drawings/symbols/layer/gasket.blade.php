<path class="gasket" d="M8 11.5H196" />
