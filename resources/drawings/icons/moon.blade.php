<svg class="ic {{ $tone ?? '' }}" viewBox="0 0 18 18" aria-hidden="true"><path class="f" d="M11 2A7.200 7.200 0 1 0 16 11.500A6 6 0 0 1 11 2Z"/></svg>
