@props(['line'])

<svg class="mini" viewBox="0 0 198 24" aria-hidden="true">
    <path class="mh" d="M0 11H198" />
    <path class="mf" d="M0 11H{{ $line->wet }}" />
    @foreach ($line->fittings as $fitting)
        @if ($fitting['state'] === 'here')
            <g class="hr">
                <rect x="{{ $fitting['x'] - 3 }}" y="2" width="6" height="18" />
                <rect x="{{ $fitting['x'] + 7 }}" y="2" width="6" height="18" />
            </g>
        @elseif ($fitting['state'] === 'stale')
            <g transform="translate({{ $fitting['x'] - 28 }} 0)">
                <rect class="st" x="28" y="4" width="10" height="14" />
                <path class="sx" d="M28 11L35 4M28 18L38 8M33 18L38 13" />
                <path class="sd" d="M40 15C42 18 42.5 19 42.5 20A2.5 2.5 0 0 1 37.5 20C37.5 19 38 18 40 15Z" />
            </g>
        @endif
    @endforeach
    <path class="td" d="{{ $line->todo }}" /><path class="dn" d="{{ $line->done }}" />
</svg>
