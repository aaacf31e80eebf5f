{{-- Lean is hatched and rich is dotted: color alone tells nobody. --}}
<defs>
        <pattern id="z-lean{{ $ending }}" width="9" height="9" patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)">
            <path class="zpl" d="M0 0V9" />
        </pattern>
        <pattern id="z-rich{{ $ending }}" width="10" height="10" patternUnits="userSpaceOnUse">
            <circle class="zpr" cx="3" cy="3" r="1.7" />
            <circle class="zpr" cx="8" cy="8" r="1.7" />
        </pattern>
</defs>
