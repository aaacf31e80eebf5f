<div class="dj-measure" id="m-lever_height">
    <svg class="dj-measured" viewBox="0 0 320 120" role="img" aria-label="{{ $card->label }}">
        <path class="g" d="M10 110H310" />
        <rect class="tol" x="150" y="{{ $card->bandTop }}" width="160" height="{{ $card->bandHeight }}" />
        <path class="card" d="M150 60H310" />
        <path class="lever" d="M40 70L110 64L250 {{ $card->tipY }}" />
        <circle class="pin" cx="110" cy="64" r="5" />
        <path class="bend" d="{{ $card->arrow }}" />
        <text class="ax" x="14" y="104">chamber floor</text>
        <text class="ax" text-anchor="end" x="306" y="54">card</text>
    </svg>
    @if ($card->says)
        <p class="dj-story" role="status"><b>{{ $card->says }}</b> {{ $card->does }}</p>
    @endif
    <p>Two schools: flush with a datum, by the gauge of this body; or a figure of one's own, as in racing. Say which way the
        card reads.</p>
    @include('forms.open', ['form' => $page->form, 'kind' => 'lever_measured', 'id' => 'lever-form'])
        @include('forms.numbers', ['numbers' => $card->numbers])
        <div class="dj-field is-wide"><label for="f-datum">The card reads</label><select class="form-select" id="f-datum"
                name="datum">
                <option value="down" @selected($card->datum === 'down')>depth below its datum</option>
                <option value="up" @selected($card->datum === 'up')>height above it</option>
            </select></div>
        <button type="submit" class="btn btn-secondary">Log the lever</button>
    </form>
    @include('forms.open', ['form' => $page->form, 'kind' => 'thing_touched', 'id' => 'lever-bent-form'])<input type="hidden" name="thing"
            value="lever"><button type="submit" class="btn btn-secondary">The lever was bent</button></form>
</div>
