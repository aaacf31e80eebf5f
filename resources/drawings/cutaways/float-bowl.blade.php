@props(['state'])

<svg class="cut" viewBox="0 0 520 412" role="group" aria-label="Cutaway: {{ $state->family }}, {{ count($state->parts) }} numbered parts: {{ $state->sentence }}" data-needle="{{ $state->leaks ? 'open' : 'closed' }}" data-float="{{ $state->leaks ? 'down' : 'up' }}" id="cutaway">
    <x-cutaways.float-bowl.defs />
    <x-cutaways.float-bowl.void />
    <x-cutaways.float-bowl.fuel />
    <x-cutaways.float-bowl.behind />
    <x-cutaways.float-bowl.casting />
    <x-cutaways.float-bowl.passages />
    <x-cutaways.float-bowl.parts :state="$state" />
    <x-cutaways.float-bowl.flow />
    <x-cutaways.float-bowl.detail :state="$state" />
    <x-cutaways.float-bowl.callouts :state="$state" />
</svg>
