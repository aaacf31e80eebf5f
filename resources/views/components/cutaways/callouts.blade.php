@props(['state', 'places'])

<g class="layer-callouts">
    @foreach ($state->parts as $part)
        @if (isset($places[$part->key]))
            <x-cutaways.callout :part="$part" :place="$places[$part->key]" />
        @endif
    @endforeach
</g>
