<svg class="ic {{ $tone ?? '' }}" viewBox="0 0 18 18" aria-hidden="true"><path d="M15 9H4M8 4.500L3.500 9L8 13.500"/></svg>
