<path class="steelstrip" d="M76 18V9Q76 6 80 6H124Q128 6 128 9V18" />
