<svg class="ic {{ $tone ?? '' }}" viewBox="0 0 18 18" aria-hidden="true"><path d="M3 9.500L7.500 14L15 4.500"/></svg>
