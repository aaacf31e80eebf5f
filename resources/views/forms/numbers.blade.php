@foreach ($numbers as $number)
    <div class="dj-field"><label for="f-{{ $number->name }}">{{ $number->label }}</label><input class="form-control"
            id="f-{{ $number->name }}" name="{{ $number->name }}" value="{{ $number->value }}" inputmode="decimal"
            @if ($number->hint) aria-describedby="h-{{ $number->name }}" @endif @if ($number->isRequired) required @endif>
        @if ($number->hint)
            <small id="h-{{ $number->name }}">{{ $number->hint }}</small>
        @endif
    </div>
@endforeach
