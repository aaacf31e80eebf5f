<div class="dj-field"><label for="f-{{ $name }}">{{ $label }}</label><input class="form-control"
        id="f-{{ $name }}" type="{{ $type ?? 'text' }}" name="{{ $name }}" value="{{ $value }}"
        inputmode="{{ $keys ?? 'text' }}" maxlength="{{ $most ?? 120 }}"
        @isset($hint) aria-describedby="h-{{ $name }}" @endisset @if ($required ?? false) required @endif>
    @isset($hint)
        <small id="h-{{ $name }}">{{ $hint }}</small>
    @endisset
</div>
