<svg class="ic {{ $tone ?? '' }}" viewBox="0 0 18 18" aria-hidden="true"><path d="M9 3V15M3 9H15"/></svg>
