<svg class="ic {{ $tone ?? '' }}" viewBox="0 0 18 18" aria-hidden="true"><path d="M3 9H14M10 4.500L14.500 9L10 13.500"/></svg>
