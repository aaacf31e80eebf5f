<div class="dj-measure" id="m-check_valve">
    <p>Seal the other openings with putty. Vacuum on the hole must hold; pressure the same way must pass freely.</p>
    <svg class="dj-measured dj-valve" viewBox="0 0 320 120" role="img"
        aria-label="{{ $card->says ?: 'Vacuum shuts the flap, pressure opens it' }}">
        @foreach ([0, 160] as $left)
            <g transform="translate({{ $left }} 0)">
                <path class="g" d="M20 30H130M20 90H130" />
                <path class="seatring" d="M76 30V48M76 72V90" />
            </g>
        @endforeach
        <path class="lever" d="{{ $card->holdsVacuum ? 'M70 46V74' : 'M70 46L58 70' }}" />
        <path class="bend" d="M112 60H90M96 54L90 60L96 66" />
        <text class="ax" x="24" y="110">vacuum {{ $card->holdsVacuum ? 'holds' : 'leaks' }}</text>
        <path class="lever" d="{{ $card->passesPressure ? 'M230 46L208 66' : 'M230 46V74' }}" />
        <path class="bend" d="M272 60H250M266 54L272 60" transform="matrix(-1 0 0 1 522 0)" />
        <text class="ax" x="184" y="110">pressure {{ $card->passesPressure ? 'passes' : 'does not pass' }}</text>
    </svg>
    @if ($card->says)
        <p class="dj-story" role="status"><b>{{ $card->says }}</b> {{ $card->does }}</p>
    @endif
    @include('forms.open', ['form' => $page->form, 'kind' => 'check_valve_tested', 'id' => 'valve-form'])
        <div class="dj-field"><label for="f-where">Tried</label><select class="form-select" id="f-where" name="where">
                <option value="in_body">in the body</option>
                <option value="out_of_body" @selected($card->isOutNext)>out of it, alone on a hose</option>
            </select></div>
        <div class="dj-field"><label for="f-vacuum">Vacuum</label><select class="form-select" id="f-vacuum"
                name="holds_vacuum">
                <option value="1">holds</option>
                <option value="0">leaks</option>
            </select></div>
        <div class="dj-field"><label for="f-pressure">Pressure</label><select class="form-select" id="f-pressure"
                name="passes_pressure">
                <option value="1">passes freely</option>
                <option value="0">does not pass</option>
            </select></div>
        <button type="submit" class="btn btn-secondary">Log both ways</button>
    </form>
    @include('forms.open', ['form' => $page->form, 'kind' => 'thing_touched', 'id' => 'reseal-form'])
        <input type="hidden" name="thing" value="nozzle"><button type="submit" class="btn btn-secondary">Nozzle resealed</button>
    </form>
    @if ($card->trials)
        <table class="dj-ledger">
            <caption>Trials, newest first</caption>
            <tbody>
                @foreach ($card->trials as $trial)
                    <tr>
                        <td>{{ $trial['when'] }}</td>
                        <th scope="row">{{ $trial['where'] }}</th>
                        <td>{{ $trial['came'] }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</div>
