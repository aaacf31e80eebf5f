@foreach ($numbers as $number)
    <div class="dj-field"><label for="f-{{ $of ?? '' }}{{ $number->name }}">{{ $number->label }}</label><input class="form-control"
            id="f-{{ $of ?? '' }}{{ $number->name }}" name="{{ $number->name }}" value="{{ $number->value }}" inputmode="decimal"
            @if ($number->hint) aria-describedby="h-{{ $of ?? '' }}{{ $number->name }}" @endif @if ($number->isRequired) required @endif>
        @if ($number->hint)
            <small id="h-{{ $of ?? '' }}{{ $number->name }}">{{ $number->hint }}</small>
        @endif
    </div>
@endforeach
