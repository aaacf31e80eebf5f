<svg class="ic {{ $tone ?? '' }}" viewBox="0 0 18 18" aria-hidden="true"><path class="f" d="M9 1.500C12 6 14 8.700 14 11.300A5 5 0 0 1 4 11.300C4 8.700 6 6 9 1.500Z"/></svg>
