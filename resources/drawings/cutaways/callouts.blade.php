<g class="layer-callouts">
    @foreach ($state->parts as $part)
        @if (isset($places[$part->key]))
            <g @class(['callout', 'is-asked' => $part->isAsked, 'is-sealed' => $part->seal === 'sealed']) data-part="{{ $part->key }}" tabindex="0" role="button" aria-label="{{ $part->number }} {{ $part->name }}">
                <path class="lead-halo" d="M{{ $places[$part->key][0] }} {{ $places[$part->key][1] }}L{{ $places[$part->key][2] }} {{ $places[$part->key][3] }}" />
                <path class="lead" d="M{{ $places[$part->key][0] }} {{ $places[$part->key][1] }}L{{ $places[$part->key][2] }} {{ $places[$part->key][3] }}" />
                <circle class="dot" cx="{{ $places[$part->key][2] }}" cy="{{ $places[$part->key][3] }}" r="2.6" />
                <circle class="hit" cx="{{ $places[$part->key][0] }}" cy="{{ $places[$part->key][1] }}" r="23" />
                <circle class="num" cx="{{ $places[$part->key][0] }}" cy="{{ $places[$part->key][1] }}" r="12" />
                <text x="{{ $places[$part->key][0] }}" y="{{ $places[$part->key][1] + 4.8 }}">{{ $part->number }}</text>
                @if ($part->seal)
                    <path class="plug" transform="translate({{ $places[$part->key][2] }} {{ $places[$part->key][3] }})" d="M-7 -7H7V7H-7ZM-7 -7L7 7M7 -7L-7 7" />
                @endif
                @if ($part->joint)
                    <g class="joint is-{{ $part->joint }}" transform="translate({{ $places[$part->key][0] + 13 }} {{ $places[$part->key][1] - 11 }})"><circle r="8.5" />@if ($part->joint === 'suspect')<text y="4.2">{{ $part->letter }}</text>@elseif ($part->joint === 'leaks')<path class="f" d="M0 -6C2 -3 3.500 -1 3.500 1.500A3.500 3.500 0 0 1 -3.500 1.500C-3.500 -1 -2 -3 0 -6Z" />@else<path d="M-4 0L-1.200 3L4 -3.500" />@endif</g>
                @endif
            </g>
        @endif
    @endforeach
</g>
