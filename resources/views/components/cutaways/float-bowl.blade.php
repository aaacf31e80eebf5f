@props(['state'])

<svg class="cut" viewBox="0 0 520 412" role="group" aria-label="Cutaway of a float bowl carburetor, 16 numbered parts: {{ $state->sentence }}" data-needle="{{ $state->needleClosed ? 'closed' : 'open' }}" data-float="{{ $state->floatUp ? 'up' : 'down' }}" id="cutaway">
    <x-cutaways.float-bowl.defs />
    <x-cutaways.float-bowl.void />
    <x-cutaways.float-bowl.fuel />
    <x-cutaways.float-bowl.behind />
    <x-cutaways.float-bowl.casting />
    <x-cutaways.float-bowl.passages />
    <x-cutaways.float-bowl.parts :state="$state" />
    <x-cutaways.float-bowl.flow />
    <x-cutaways.float-bowl.detail :state="$state" />
    <x-cutaways.float-bowl.callouts :asked="$state->asked" />
</svg>
