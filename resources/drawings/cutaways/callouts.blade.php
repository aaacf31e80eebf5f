<g class="layer-callouts">
    @foreach ($state->parts as $part)
        @if (isset($places[$part->key]))
            <g @class(['callout', 'is-asked' => $part->isAsked]) data-part="{{ $part->key }}" tabindex="0" role="button" aria-label="{{ $part->number }} {{ $part->name }}">
                <path class="lead-halo" d="M{{ $places[$part->key][0] }} {{ $places[$part->key][1] }}L{{ $places[$part->key][2] }} {{ $places[$part->key][3] }}" />
                <path class="lead" d="M{{ $places[$part->key][0] }} {{ $places[$part->key][1] }}L{{ $places[$part->key][2] }} {{ $places[$part->key][3] }}" />
                <circle class="dot" cx="{{ $places[$part->key][2] }}" cy="{{ $places[$part->key][3] }}" r="2.6" />
                <circle class="hit" cx="{{ $places[$part->key][0] }}" cy="{{ $places[$part->key][1] }}" r="23" />
                <circle class="num" cx="{{ $places[$part->key][0] }}" cy="{{ $places[$part->key][1] }}" r="12" />
                <text x="{{ $places[$part->key][0] }}" y="{{ $places[$part->key][1] + 4.8 }}">{{ $part->number }}</text>
            </g>
        @endif
    @endforeach
</g>
