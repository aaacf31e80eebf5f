<x-forms.entry :form="$page->form" kind="hold_tested" :action="$page->form->holdTestAction()" id="hold-form" class="dj-holdform"
    enctype="multipart/form-data" hx-encoding="multipart/form-data">
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
            @include('stations.bench-test.number', [
                'name' => 'volume_ml',
                'label' => 'Rig volume, ml',
                'value' => $card->form->volume,
                'required' => true,
            ])
            @include('stations.bench-test.number', [
                'name' => 'volume_u_percent',
                'label' => 'Volume known to, %',
                'value' => $card->form->volumeKnownTo,
            ])
            @include('stations.bench-test.number', [
                'name' => 'limit_ml_min',
                'label' => 'Limit, cc/min',
                'value' => $card->form->limit,
                'required' => true,
            ])
            @include('stations.bench-test.number', [
                'name' => 'step',
                'label' => 'Gauge step',
                'hint' => 'Empty: found from the readings',
            ])
            @include('stations.bench-test.number', ['name' => 'drift_k', 'label' => 'Room drift, K'])
        </div>
        <fieldset class="dj-choice">
            <legend>Measure the rig instead</legend>
            @include('stations.bench-test.number', [
                'name' => 'reference_ml',
                'label' => 'Reference volume, ml',
                'hint' => 'Known, at atmosphere',
            ])
            @include('stations.bench-test.number', [
                'name' => 'rig_before',
                'label' => 'Gauge before opening to it',
            ])
            @include('stations.bench-test.number', [
                'name' => 'rig_after',
                'label' => 'Gauge after',
                'hint' => '10 ml, 10 to 6.5 psi: 18.57 ml',
            ])
        </fieldset>
    </details>
    <label class="dj-check"><input type="checkbox" name="wetted" value="1" @checked($card->form->suggestWet)>
        Needle wetted with a drop of fuel</label>
    @if ($card->inTheWay)
        <label class="dj-check"><input type="checkbox" name="anyway" value="1">
            {{ $card->inTheWay }} Log it all the same, marked</label>
    @endif
    <button type="submit" class="btn btn-secondary">Judge these readings</button>
</x-forms.entry>
<x-forms.entry :form="$page->form" kind="thing_touched" id="needle-form" class="dj-needleform"><input type="hidden"
        name="thing" value="needle_seat"><button type="submit" class="btn btn-secondary">New needle
        fitted</button></x-forms.entry>
