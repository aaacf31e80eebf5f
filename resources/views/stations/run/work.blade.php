@include('stations.run.tabs', ['class' => 'dj-bay dj-runtabs'])
@include('forms.open', [
    'form' => $page->form,
    'kind' => 'screw_set',
    'id' => $work->isSpeedSelected ? 'mixture-form' : 'work-form',
    'class' => 'dj-bay dj-dialbay dj-proposes' . ($work->isSpeedSelected ? '' : ' is-sel'),
])
    <input type="hidden" name="adjuster" value="{{ $work->dial->screw->key }}"><input type="hidden" name="station"
        value="run">
    <x-instruments.dial :dial="$work->dial" form="work-form"><x-forms.leave :dial="$work->dial" /></x-instruments.dial>
</form>
@include('forms.open', [
    'form' => $page->form,
    'kind' => 'screw_set',
    'id' => $work->isSpeedSelected ? 'work-form' : 'speed-form',
    'class' => 'dj-bay dj-dialbay dj-proposes' . ($work->isSpeedSelected ? ' is-sel' : ''),
])
    <input type="hidden" name="adjuster" value="{{ $work->speedDial->screw->key }}"><input type="hidden"
        name="station" value="run">
    <x-instruments.dial :dial="$work->speedDial" form="speed-form"><x-forms.leave :dial="$work->speedDial" /></x-instruments.dial>
</form>
<section @class(['dj-bay bay-tach', 'is-live' => $work->live->watch !== null]) aria-label="Tachometer">
    <div class="tachb">
        <div class="rpm"><output data-now>{{ $work->last->rpm }}</output><span>rpm</span></div>
        <p class="steady">{{ $work->last->about }}</p><x-charts.tach :tach="$work->tach" />
    </div>
    @include('stations.run.live', ['live' => $work->live])
    @if ($work->stop)
        <p class="dj-hazard" role="alert">@include('drawings::icons.hazard')<span><b>Stop.</b> {{ $work->stop }}</span></p>
    @endif
    <p class="dj-hazard" role="alert" data-over="{{ $work->mostRpm }}" hidden>@include('drawings::icons.hazard')<span><b>Stop.</b>
            Above the maker's no-load maximum of {{ $work->mostRpm }} rpm. Let go of the throttle.</span></p>
    @include('forms.open', ['form' => $page->form, 'kind' => 'speed_read', 'id' => 'read-form', 'class' => 'tachk'])
        <input type="hidden" name="adjuster" value="{{ $work->dial->screw->key }}"><input type="hidden"
            name="screw" value="{{ $work->dial->screw->key }}">
        <label for="read-turns" class="visually-hidden">Turns out</label><input class="form-control" id="read-turns"
            name="turns" value="{{ $work->dial->turns->text }}" data-mirror="{{ $work->dial->screw->key }}"
            data-proposed autocomplete="off" required>
        <label for="rpm" class="visually-hidden">Speed in rpm</label><input class="form-control" id="rpm"
            name="rpm" inputmode="numeric" placeholder="rpm" autocomplete="off" required data-rpm>
        <button class="btn btn-secondary" type="submit">Log <kbd class="dj-kbd">Enter</kbd></button>
        <div class="dj-heard" role="group" aria-label="Log it, and what you hear">
            @foreach ($work->marks as $mark)
                <button type="submit" name="mark" value="{{ $mark['value'] }}"
                    @if ($mark['isSpeedless']) formnovalidate @endif>{{ $mark['name'] }}</button>
            @endforeach
        </div>
    </form>
</section>
<section class="dj-bay bay-mix dj-proposes" aria-labelledby="h-mix">
    <header class="mix-h">
        <h2 id="h-mix">{{ $work->paper->title }}</h2>
        @if ($work->paper->chart)
            <p class="why">{{ $work->paper->advice }}</p>
            <x-charts.points :columns="['Turns', 'rpm', 'Heard']" :rows="$work->paper->chart->table" />
        @endif
        @include('stations.run.go-live', ['live' => $work->live])
        @include('forms.open', [
            'form' => $page->form,
            'kind' => 'school_chosen',
            'id' => 'school-form',
            'class' => 'dj-school',
        ])<input
                type="hidden" name="adjuster" value="{{ $work->dial->screw->key }}"><input type="hidden"
                name="screw" value="{{ $work->dial->screw->key }}">
            @foreach ($work->schools as $school)
                <button type="submit" name="school" value="{{ $school['value'] }}"
                    aria-pressed="{{ $school['selected'] ? 'true' : 'false' }}"
                    title="{{ $school['why'] }}">{{ $school['name'] }}</button>
            @endforeach
        </form>
    </header>
    @if ($work->paper->chart)
        <div class="dj-wide only-wide"><x-charts.mixture
                :chart="$work->paper->chart" :out-is-richer="$work->paper->outIsRicher" /></div>
        <div class="only-narrow"><x-charts.mixture :chart="$work->paper->onPhone" :out-is-richer="$work->paper->outIsRicher" /></div>
    @else
        <p class="dj-story"><b>No reading yet.</b> {{ $work->paper->advice }}</p>
    @endif
</section>
