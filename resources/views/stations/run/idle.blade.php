<section class="dj-bay bay-work" aria-labelledby="h-idle">
    @include('stations.run.tabs')
    <header class="bay-h">
        <h2 id="h-idle">Idle</h2><span class="cnt">{{ $work->wanted }}</span>
    </header>
    @if ($work->isStop)
        <p class="dj-hazard" role="alert">@include('drawings::icons.hazard')<span>{{ $work->advice }}</span></p>
    @else
        <p class="dj-story dj-proposes" role="status">{{ $work->advice }}</p>
    @endif
    <p class="dj-story dj-proposes"><b>Where it belongs.</b> {{ $work->target }}</p>
    @if ($work->last !== '')
        <p class="dj-story"><b>As last read.</b> {{ $work->last }}</p>
    @endif
    @include('forms.open', ['form' => $page->form, 'kind' => 'idle_read', 'id' => 'idle-form', 'class' => 'dj-startform'])
        <input type="hidden" name="screw" value="idle">
        <div class="dj-field"><label for="idle-rpm">Idle, rpm</label><input class="form-control" id="idle-rpm"
                name="rpm" inputmode="numeric" autocomplete="off" required></div>
        <div class="dj-heard" role="group" aria-label="Log it, and how it idles">
            @foreach ($work->manners as $manner)
                <button type="submit" name="manner" value="{{ $manner['value'] }}">{{ $manner['name'] }}</button>
            @endforeach
        </div>
    </form>
</section>
