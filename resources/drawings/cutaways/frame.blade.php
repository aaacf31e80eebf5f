@props(['state', 'width' => 560, 'height' => 420])

<svg {{ $attributes->merge(['class' => 'cut cut-dia', 'id' => 'cutaway']) }} viewBox="0 0 {{ $width }} {{ $height }}" role="group" aria-label="Cutaway: {{ $state->family }}, {{ count($state->parts) }} numbered parts: {{ $state->sentence }}" data-needle="{{ $state->leaks ? 'open' : 'closed' }}" data-float="{{ $state->leaks ? 'down' : 'up' }}">
    @include('drawings::cutaways.defs')
    {{ $slot }}
</svg>
