<section class="dj-bay bay-work" aria-labelledby="h-bank">
    @include('stations.run.tabs')
    <header class="bay-h">
        <h2 id="h-bank">Balance of the bank</h2><span class="cnt">band ± {{ $work->tolerance }} inHg</span>
    </header>
    @if ($work->outlier)
        <p class="dj-hazard">@include('drawings::icons.hazard')<span><b>Clean first.</b> {{ $work->outlier }}</span></p>
    @endif
    @if ($work->columns)
        <x-charts.bank :chart="$work->columns" />
    @endif
    <p class="dj-story dj-proposes" role="status">{{ $work->said }}</p>
    @if ($work->turn)
        @include('forms.open', ['form' => $page->form, 'kind' => 'balance_turned', 'id' => 'turn-form', 'class' => 'dj-bankturn dj-proposes'])
            <input type="hidden" name="screw" value="balance">
            <input type="hidden" name="carburetor" value="{{ $work->turn['carburetor'] }}">
            <input type="hidden" name="turns" value="{{ $work->turn['turns'] }}">
            <button type="submit" class="btn btn-secondary">Turned the {{ $work->turn['words'] }}</button>
        </form>
    @endif
    @include('stations.run.live', ['live' => $work->live])
    @include('stations.run.go-live', ['live' => $work->live])
    @if ($work->hasReference)
        @include('forms.open', ['form' => $page->form, 'kind' => 'bank_read', 'id' => 'bank-form', 'class' => 'dj-bankform'])
            <input type="hidden" name="screw" value="balance">
            @foreach ($work->bank as $carburetor)
                <div class="dj-field"><label for="v-{{ $carburetor['key'] }}">{{ $carburetor['name'] }}, inHg</label>
                    @if ($work->live->watch)
                        <output data-column for="v-{{ $carburetor['key'] }}"></output>
                    @endif
                    <input class="form-control" id="v-{{ $carburetor['key'] }}"
                        name="vacuum[{{ $carburetor['key'] }}]" inputmode="decimal" placeholder="10.1 10.3 9.9"
                        autocomplete="off" required>
                </div>
            @endforeach
            @if ($work->live->watch)
                <button type="button" class="btn btn-secondary" data-blip>Blipped, take it</button>
            @endif
            <button type="submit" class="btn btn-secondary">Log the columns</button>
        </form>
    @endif
    <details class="dj-more" id="base" @if (!$work->hasReference) open @endif>
        <summary>Base, without a balance screw <small>{{ $work->base }}</small></summary>
        @include('forms.open', ['form' => $page->form, 'kind' => 'reference_named', 'id' => 'reference-form', 'class' => 'dj-base'])
            <input type="hidden" name="screw" value="balance">
            <fieldset>
                <legend class="visually-hidden">No balance screw of its own</legend>
                @foreach ($work->bank as $carburetor)
                    <button type="submit" class="btn btn-secondary" name="carburetor" value="{{ $carburetor['key'] }}"
                        aria-pressed="{{ $carburetor['isReference'] ? 'true' : 'false' }}">{{ $carburetor['name'] }}</button>
                @endforeach
            </fieldset>
        </form>
    </details>
    @if ($work->screws)
        <dl class="dj-compare" aria-label="What each screw does">
            @foreach ($work->screws as $screw)
                <div>
                    <dt>{{ $screw['name'] }}</dt>
                    <dd>{{ $screw['learned'] }}</dd>
                </div>
            @endforeach
        </dl>
    @endif
</section>
