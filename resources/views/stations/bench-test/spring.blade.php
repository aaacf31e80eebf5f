<h3>Spring</h3>
<p>Two schools. Leave the spring: set the pop-off by the lever's height or another spring, which both go back. Cut it: half
    a coil at a time, to a target, each cut popped again. What is cut off does not come back.</p>
@include('forms.open', ['form' => $page->form, 'kind' => 'spring_measured', 'id' => 'spring-form'])
    @include('forms.numbers', ['numbers' => $card->spring])
    <div class="dj-field"><label for="f-ends">Ends</label><select class="form-select" id="f-ends" name="ends">
            <option value="squared">closed</option>
            <option value="plain">cut as wound</option>
        </select></div>
    <button type="submit" class="btn btn-secondary">Log the spring</button>
</form>
<p>{{ $card->coilsOff }}</p>
@if ($card->curve)
    @include('charts.cut-curve', ['curve' => $card->curve])
@endif
@if ($card->refused)
    <p class="dj-story"><b>No cut is proposed.</b> {{ $card->refused }}</p>
@elseif ($card->cuts)
    <table class="dj-ledger">
        <caption>Cut from the tip for a pop-off, psi; half a coil less or more</caption>
        <thead>
            <tr>
                <th scope="col">Wanted</th>
                <th scope="col">Cut, coils</th>
                <th scope="col">Then pops</th>
                <th scope="col">Band</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($card->cuts as $cut)
                <tr>
                    <th scope="row">{{ $cut['target'] }}</th>
                    <td><b>{{ $cut['coils'] }}</b></td>
                    <td>{{ $cut['pop'] }}</td>
                    <td>{{ $cut['band'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@if ($card->forbids)
    <p class="dj-story"><b>No cut now.</b> {{ $card->forbids }}</p>
@else
    @include('forms.open', ['form' => $page->form, 'kind' => 'spring_shortened', 'id' => 'cut-form'])
        @include('forms.numbers', ['numbers' => $card->cut])
        <button type="submit" class="btn btn-secondary">It is cut, log it</button>
    </form>
@endif
