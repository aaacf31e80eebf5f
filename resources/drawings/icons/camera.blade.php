<svg class="ic" viewBox="0 0 20 20" aria-hidden="true">
    <path class="s" d="M2 6H6L8 3H12L14 6H18V16H2Z" />
    <circle class="s" cx="10" cy="10.500" r="3.200" />
</svg>
