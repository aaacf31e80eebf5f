<div class="dj-measure" id="m-delivery">
    @if ($card->notNow)
        <p class="dj-hazard" role="alert">@include('drawings::icons.hazard')<span><b>Do not turn it over.</b>
                {{ $card->notNow }}. Only a tank that runs by itself may be measured now.</span></p>
    @else
        <p>Line off at the carburetor, into a can, away from anything that sparks. Ignition disabled, turn the engine over,
            or let the tank run; read the can against the clock.</p>
    @endif
    @if ($card->bars)
        <svg class="dj-measured dj-bars" viewBox="0 0 320 {{ 40 * count($card->bars) }}" role="img"
            aria-label="{{ $card->label }}">
            @foreach ($card->bars as $bar)
                <g transform="translate(0 {{ 40 * $loop->index }})">
                    <text class="ax" x="0" y="14">{{ $bar['name'] }}</text>
                    <rect class="bar" x="0" y="19" width="{{ $bar['width'] }}" height="14" />
                    <text class="ax" x="{{ $bar['width'] + 6 }}" y="31">{{ $bar['text'] }}</text>
                </g>
            @endforeach
        </svg>
        <p class="dj-story" role="status"><b>{{ $card->says }}</b> <small>{{ $card->how }}</small></p>
    @endif
    @include('forms.open', ['form' => $page->form, 'kind' => 'delivery_measured', 'id' => 'delivery-form'])
        @include('forms.numbers', ['numbers' => $card->numbers])
        <div class="dj-field"><label for="f-strokes">Engine</label><select class="form-select" id="f-strokes" name="strokes">
                <option value="4">four-stroke</option>
                <option value="2" @selected($card->isTwoStroke)>two-stroke</option>
            </select></div>
        <button type="submit" class="btn btn-secondary">Log the delivery</button>
    </form>
</div>
