@props(['name', 'label', 'value' => '', 'hint' => '', 'type' => 'text'])

<div class="dj-field"><label for="f-{{ $name }}">{{ $label }}</label><input class="form-control"
        id="f-{{ $name }}" type="{{ $type }}" name="{{ $name }}" value="{{ $value }}"
        @if ($hint) aria-describedby="h-{{ $name }}" @endif {{ $attributes }}>
    @if ($hint)
        <small id="h-{{ $name }}">{{ $hint }}</small>
    @endif
</div>
