<path class="mesh" d="M60 11.5H144" />
