@props(['mark'])

<g class="mk {{ ['found' => 'f', 'book' => 'b', 'left' => 'l', 'next' => 'n'][$mark['kind']] }}"
    transform="translate({{ round($mark['x'], 2) }} {{ round($mark['y'], 2) }})">
    @if ($mark['kind'] === 'found')
        <circle r="12" />
    @elseif ($mark['kind'] === 'book')
        <rect x="-11" y="-11" width="22" height="22" rx="2.5" />
    @elseif ($mark['kind'] === 'left')
        <path d="M0 -14L14 0L0 14L-14 0Z" />
    @else
        <circle class="nx" r="10" />
    @endif
    <text y="5.6">{{ $mark['letter'] }}</text>
</g>
