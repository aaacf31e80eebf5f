<section class="dj-bay bay-work" aria-labelledby="h-start">
    @include('stations.run.tabs')
    <header class="bay-h">
        <h2 id="h-start">First start</h2>
    </header>
    @if ($work->notNow !== '')
        <p class="dj-hazard" role="status">@include('drawings::icons.hazard')<span><b>Not now.</b> {{ $work->notNow }}</span></p>
    @elseif ($work->isStuck)
        <p class="dj-hazard" role="status">@include('drawings::icons.hazard')<span><b>Enough pulls.</b> {{ $work->advice }}</span></p>
    @else
        <p class="dj-story dj-proposes" role="status">{{ $work->advice }}</p>
    @endif
    <div class="dj-clocks">@include('stations.clean.running')</div>
    @if ($work->notNow === '')
        <ol class="dj-starting dj-proposes">
            @foreach ($work->steps as $step)
                <li>{{ $step }}</li>
            @endforeach
        </ol>
        @include('forms.open', ['form' => $page->form, 'kind' => 'start_tried', 'id' => 'start-form', 'class' => 'dj-startform'])
            <input type="hidden" name="screw" value="start">
            <div class="dj-field"><label for="start-pulls">Pulls</label><input class="form-control" id="start-pulls"
                    name="pulls" inputmode="numeric" autocomplete="off" placeholder="if counted"></div>
            <div class="dj-heard" role="group" aria-label="Log what it did">
                @foreach ($work->outcomes as $outcome)
                    <button type="submit" name="outcome" value="{{ $outcome['value'] }}">{{ $outcome['name'] }}</button>
                @endforeach
            </div>
        </form>
    @endif
    @if ($work->tries)
        <ul class="dj-tries" aria-label="Tried so far">
            @foreach ($work->tries as $try)
                <li>{{ $try }}</li>
            @endforeach
        </ul>
    @endif
</section>
