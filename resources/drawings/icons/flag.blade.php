<svg class="ic {{ $tone ?? '' }}" viewBox="0 0 18 18" aria-hidden="true"><path d="M4 16V2.500M4 3H14L11.500 6.500L14 10H4"/></svg>
