<svg class="ic {{ $tone ?? '' }}" viewBox="0 0 18 18" aria-hidden="true"><path d="M9 2L16.500 15.500H1.500Z"/><path d="M9 7V11M9 12.700V14"/></svg>
