<a class="dj-mark" href="{{ route('board') }}" aria-label="Dusty Jet, bench board"><svg class="dj-jet"
        viewBox="0 0 36 36" aria-hidden="true">
        <path class="hex" d="M18 2L31.900 10V26L18 34L4.100 26V10Z" />
        <circle class="ring" cx="18" cy="18" r="9.500" />
        <path class="slot" d="M8.500 18H27.500" />
        <circle class="bore" cx="18" cy="18" r="3.600" />
    </svg><span>Dusty Jet</span></a>
