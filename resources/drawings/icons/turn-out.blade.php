<svg class="ic {{ $tone ?? '' }}" viewBox="0 0 18 18" aria-hidden="true"><path d="M4.200 5.500A6.300 6.300 0 1 1 2.800 10"/><path d="M4.500 1.500V6H9"/></svg>
