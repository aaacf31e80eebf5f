
<div class="dj-grid">
    <div>
        <x-forms.field name="machine" label="Machine" :value="$values['machine']" required maxlength="120" autocomplete="off"
            hint="{{ $finds ? 'Name, serial number or owner: known ones are found' : 'As the customer would say it' }}"
            :hx-get="$finds ? route('machines.index', ['family' => $finds]) : null"
            :hx-trigger="$finds ? 'input changed delay:250ms' : null" :hx-target="$finds ? '#found' : null"
            :hx-swap="$finds ? 'innerHTML' : null" />
        @if ($finds)
            <div id="found" class="dj-found" aria-live="polite">@includeWhen($models, 'jobs.models')</div>
        @endif
    </div>
    @include('forms.text', [
        'name' => 'engine',
        'label' => 'Engine',
        'value' => $values['engine'],
        'hint' => 'Such as 160 cc four-stroke',
        'required' => true,
    ])
    @include('forms.text', ['name' => 'serial', 'label' => 'Serial number', 'value' => $values['serial'], 'most' => 60])
    @include('forms.text', ['name' => 'customer', 'label' => 'Customer', 'value' => $values['customer']])
    @include('forms.text', [
        'name' => 'stored_days',
        'label' => 'Stored, days',
        'value' => $values['stored_days'],
        'keys' => 'numeric',
    ])
    @include('forms.text', [
        'name' => 'fuel_age_days',
        'label' => 'Fuel age, days',
        'value' => $values['fuel_age_days'],
        'keys' => 'numeric',
    ])
    @include('forms.text', [
        'name' => 'promised_at',
        'label' => 'Promised',
        'value' => $values['promised_at'],
        'type' => 'datetime-local',
    ])
</div>
<fieldset class="dj-choice">
    <legend>{{ $variants->ask }}</legend>
    @foreach ($variants->variants as $variant)
        <label class="dj-check"><input type="radio" name="variant"
                value="{{ $variant->key }}" @checked($values['variant'] === $variant->key)>
            @if ($variant->picture)
                @include('drawings::pictures.variant', ['name' => $variant->picture])
            @endif
            <span><b>{{ $variant->name }}</b><small>{{ $variant->look }}</small></span>
        </label>
    @endforeach
</fieldset>
@if ($variants->asksForSense)
    <fieldset class="dj-choice">
        <legend>Idle mixture screw</legend>
        <label class="dj-check"><input type="radio" name="idle_sense"
                value="fuel" @checked($values['idle_sense'] === 'fuel')>
            <span><b>Fuel screw: out is richer</b><small>Engine side of the throttle, long fine
                    point</small></span></label>
        <label class="dj-check"><input type="radio" name="idle_sense"
                value="air" @checked($values['idle_sense'] === 'air')>
            <span><b>Air screw: out is leaner</b><small>Air-cleaner side, blunt point</small></span></label>
    </fieldset>
@endif
