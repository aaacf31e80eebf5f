<section class="dj-bay bay-work" aria-labelledby="h-governed">
    @include('stations.run.tabs')
    <header class="bay-h">
        <h2 id="h-governed">Governed speed</h2><span class="cnt">{{ $work->wanted }}</span>
    </header>
    @if ($work->isStop)
        <p class="dj-hazard" role="alert">@include('drawings::icons.hazard')<span><b>Stop.</b> {{ $work->advice }}</span></p>
    @else
        <p class="dj-story dj-proposes" role="status">{{ $work->advice }}</p>
    @endif
    @if ($work->facts)
        <dl class="dj-compare" aria-label="As last read">
            @foreach ($work->facts as $fact)
                <div>
                    <dt>{{ $fact['what'] }}</dt>
                    <dd>{{ $fact['value'] }}</dd>
                </div>
            @endforeach
        </dl>
    @endif
    @include('forms.open', ['form' => $page->form, 'kind' => 'governed_speed_read', 'id' => 'governed-form', 'class' => 'dj-bankform'])
        <input type="hidden" name="screw" value="governed">
        <div class="dj-field"><label for="g-rpm">Without load, rpm</label><input class="form-control" id="g-rpm"
                name="rpm" inputmode="numeric" autocomplete="off" required></div>
        <div class="dj-field"><label for="g-loaded">Under load, rpm</label><input class="form-control" id="g-loaded"
                name="loaded_rpm" inputmode="numeric" autocomplete="off"></div>
        <div class="dj-field"><label for="g-poles">Generator, poles</label><select class="form-select" id="g-poles"
                name="poles">
                <option value="">none</option>
                @foreach (['2', '4', '6'] as $poles)
                    <option value="{{ $poles }}" @selected($work->typed['poles'] === $poles)>{{ $poles }}</option>
                @endforeach
            </select></div>
        <div class="dj-field"><label for="g-holds">It runs</label><select class="form-select" id="g-holds" name="holds">
                @foreach ($work->holds as $holds)
                    <option value="{{ $holds['value'] }}" @selected($holds['selected'])>{{ $holds['name'] }}</option>
                @endforeach
            </select></div>
        <button type="submit" class="btn btn-secondary">Log the speed</button>
    </form>
</section>
