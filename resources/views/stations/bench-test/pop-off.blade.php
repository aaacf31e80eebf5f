<div class="dj-measure" id="m-pop_off">
    <p>Pump slowly until the needle pops; read where it opened and where it shut. A drop of oil on the needle first: wetting
        alone may move it by a psi. Three pops alike are enough.</p>
    @include('forms.open', ['form' => $page->form, 'kind' => 'pop_off_measured', 'id' => 'pops-form'])
        <x-forms.field name="pops" label="Pops, opened / shut" hint="13/10 12.8/9.9 13.1/10" autocomplete="off"
            inputmode="text" required />
        <div class="dj-field"><label for="f-pop-unit">In</label><select class="form-select" id="f-pop-unit" name="unit">
                <option value="psi">psi</option>
                <option value="kpa">kPa</option>
            </select></div>
        <label class="dj-check"><input type="hidden" name="wetted" value="0"><input type="checkbox" name="wetted"
                value="1" checked> Wetted</label>
        <button type="submit" class="btn btn-secondary">Log the pops</button>
    </form>
    <details class="dj-more">
        <summary>From a file <small>t_s and psi or kpa</small></summary>
        @include('forms.open', [
            'form' => $page->form,
            'kind' => 'pop_off_measured',
            'action' => $page->form->to('pop-offs'),
            'id' => 'pop-file-form',
            'files' => true,
        ])
            <div class="dj-field is-wide"><label for="pop-file">Readings of a gauge while it popped</label><input
                    class="form-control" type="file" id="pop-file" name="file" accept=".csv,text/csv,text/plain"
                    required></div>
            <label class="dj-check"><input type="checkbox" name="wetted" value="1" checked> Wetted</label>
            <button type="submit" class="btn btn-secondary">Find the pops</button>
        </form>
    </details>
    @if ($card->trials)
        <table class="dj-ledger">
            <caption>Trials, oldest first, psi</caption>
            <thead>
                <tr>
                    <th scope="col">No.</th>
                    <th scope="col">Needle</th>
                    <th scope="col">Spring</th>
                    <th scope="col">Pops</th>
                    <th scope="col">Shuts</th>
                    <th scope="col">Spread</th>
                    <th scope="col">Moved</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($card->trials as $trial)
                    <tr>
                        <th scope="row">{{ $trial['no'] }}</th>
                        <td>{{ $trial['wet'] }}</td>
                        <td>{{ $trial['coils'] }}</td>
                        <td><b>{{ $trial['pop'] }}</b></td>
                        <td>{{ $trial['reseat'] }}</td>
                        <td>{{ $trial['spread'] }}</td>
                        <td>{{ $trial['trend'] }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @include('stations.bench-test.go-live')
    @include('stations.bench-test.spring')
</div>
