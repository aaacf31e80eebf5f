@include('forms.open', [
    'form' => $page->form,
    'kind' => 'hold_tested',
    'action' => $page->form->to('hold-tests'),
    'id' => 'hold-form',
    'class' => 'dj-holdform',
    'files' => true,
])
    <input type="hidden" name="held_psi" value="{{ $card->form->testPsi }}">
    <details data-readings-box>
        <summary>Readings <b data-count-readings>0</b><span>type, tap or file</span></summary>
        <label for="readings">One reading a line: seconds, then the gauge</label>
        <textarea class="form-control" id="readings" name="readings" rows="4" placeholder="0 5.0&#10;10 4.9"
            data-readings></textarea>
        <label for="file">Or a CSV file: t_s and psi, kpa or inhg</label>
        <input class="form-control" type="file" id="file" name="file" accept=".csv,text/csv,text/plain">
    </details>
    <details>
        <summary>Rig <b>{{ $card->form->volume }} ml</b><span>limit {{ $card->form->limit }} cc/min,
                {{ $card->form->limitNote }}</span></summary>
        <div class="dj-grid">
            <div class="dj-field"><label for="method">Method</label><select class="form-select" id="method"
                    name="method">
                    <option value="pressure" @selected($card->form->method === 'pressure')>Pressure</option>
                    <option value="vacuum" @selected($card->form->method === 'vacuum')>Vacuum</option>
                </select></div>
            <div class="dj-field"><label for="unit">Gauge in</label><select class="form-select" id="unit"
                    name="unit">
                    <option value="psi" @selected($card->form->method === 'pressure')>psi</option>
                    <option value="kpa">kPa</option>
                    <option value="inhg" @selected($card->form->method === 'vacuum')>inHg</option>
                </select></div>
            @include('forms.numbers', ['numbers' => $card->form->rig])
        </div>
        <fieldset class="dj-choice">
            <legend>Measure the rig instead</legend>
            @include('forms.numbers', ['numbers' => $card->form->measured])
        </fieldset>
    </details>
    <details class="is-wide">
        <summary>Arranged <b>{{ $card->arrange->said }}</b><span>or tap it on the drawing</span></summary>
        <div class="dj-grid">
            <div class="dj-field"><label for="attitude">It lies</label><select class="form-select" id="attitude"
                    name="attitude">
                    @foreach ($card->arrange->attitudes as $attitude)
                        <option value="{{ $attitude['value'] }}" @selected($attitude['isChosen'])>
                            {{ $attitude['label'] }}</option>
                    @endforeach
                </select></div>
        </div>
        <fieldset class="dj-choice">
            <legend>Closed off</legend>
            @foreach ($card->arrange->seals as $seal)
                <label class="dj-check"><input type="checkbox" name="sealed[]" value="{{ $seal['part'] }}"
                        id="seal-{{ $seal['part'] }}" @checked($seal['isSealed'])> {{ $seal['label'] }}</label>
            @endforeach
        </fieldset>
    </details>
    <label class="dj-check"><input type="checkbox" name="wetted" value="1" @checked($card->form->suggestWet)>
        Needle wetted with a drop of fuel</label>
    @if ($card->inTheWay)
        <label class="dj-check"><input type="checkbox" name="anyway" value="1">
            {{ $card->inTheWay }} Log it all the same, marked</label>
    @endif
    {{-- The first key of a form is what Enter presses: it must be the one that judges what was typed. --}}
    <button type="submit" class="btn btn-secondary">Judge these readings</button>
    <button type="submit" class="btn btn-secondary dj-held" name="held" value="60"><span>Held
            60 s at {{ $card->form->testPsi }} psi<small>By eye, to 0.1 psi (from memory)</small></span></button>
</form>
@include('forms.open', [
    'form' => $page->form,
    'kind' => 'thing_touched',
    'id' => 'needle-form',
    'class' => 'dj-needleform',
])<input type="hidden"
        name="thing" value="needle_seat"><button type="submit" class="btn btn-secondary">New needle
        fitted</button></form>
