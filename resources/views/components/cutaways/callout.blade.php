@props(['part', 'number', 'name', 'at', 'to', 'asked'])

<g @class(['callout', 'is-asked' => $asked === $part]) data-part="{{ $part }}" tabindex="0" role="button" aria-label="{{ $number }} {{ $name }}">
    <path class="lead-halo" d="M{{ $at[0] }} {{ $at[1] }}L{{ $to[0] }} {{ $to[1] }}" />
    <path class="lead" d="M{{ $at[0] }} {{ $at[1] }}L{{ $to[0] }} {{ $to[1] }}" />
    <circle class="dot" cx="{{ $to[0] }}" cy="{{ $to[1] }}" r="2.6" />
    <circle class="hit" cx="{{ $at[0] }}" cy="{{ $at[1] }}" r="23" />
    <circle class="num" cx="{{ $at[0] }}" cy="{{ $at[1] }}" r="12" />
    <text x="{{ $at[0] }}" y="{{ $at[1] + 4.8 }}">{{ $number }}</text>
</g>
