<x-forms.entry :form="$page->form" kind="screw_set" :id="$page->work->isSpeedSelected ? 'mixture-form' : 'work-form'" @class(['dj-bay dj-dialbay', 'is-sel' => ! $page->work->isSpeedSelected])>
    <input type="hidden" name="adjuster" value="{{ $page->work->dial->adjuster }}"><input type="hidden" name="station" value="run">
    <x-instruments.dial :dial="$page->work->dial" form="work-form"><x-forms.leave :dial="$page->work->dial" /></x-instruments.dial>
</x-forms.entry>
<x-forms.entry :form="$page->form" kind="screw_set" :id="$page->work->isSpeedSelected ? 'work-form' : 'speed-form'" @class(['dj-bay dj-dialbay', 'is-sel' => $page->work->isSpeedSelected])>
    <input type="hidden" name="adjuster" value="{{ $page->work->speedDial->adjuster }}"><input type="hidden" name="station" value="run">
    <x-instruments.dial :dial="$page->work->speedDial" form="speed-form"><x-forms.leave :dial="$page->work->speedDial" /></x-instruments.dial>
</x-forms.entry>
<section class="dj-bay bay-tach" aria-label="Tachometer">
    <nav class="dj-tests" aria-label="Screws">
        @foreach ($page->work->tabs as $tab)
            <a href="{{ $tab['href'] }}" @if ($tab['selected']) aria-current="true" @endif><b>{{ $tab['name'] }}</b><small>{{ $tab['note'] }}</small></a>
        @endforeach
    </nav>
    <div class="tachb"><div class="rpm"><output>{{ $page->work->rpm }}</output><span>rpm</span></div><p class="steady">{{ $page->work->steady }}</p><x-charts.tach :tach="$page->work->tach" /></div>
    <x-forms.entry :form="$page->form" kind="speed_read" id="read-form" class="tachk">
        <input type="hidden" name="adjuster" value="{{ $page->work->screw }}"><input type="hidden" name="screw" value="{{ $page->work->screw }}">
        <label for="read-turns" class="visually-hidden">Turns out</label><input class="form-control" id="read-turns" name="turns" value="{{ $page->work->dial->text }}" data-mirror="{{ $page->work->dial->adjuster }}" autocomplete="off">
        <label for="rpm" class="visually-hidden">Speed in rpm</label><input class="form-control" id="rpm" name="rpm" inputmode="numeric" placeholder="rpm" autocomplete="off" required data-rpm>
        <button class="btn btn-secondary" type="submit">Log <kbd class="dj-kbd">Enter</kbd></button>
    </x-forms.entry>
</section>
<section class="dj-bay bay-mix" aria-labelledby="h-mix">
    <header class="mix-h"><h2 id="h-mix">{{ $page->work->chartTitle }}</h2>
        @if ($page->work->chart)
            <x-charts.points :columns="['Turns', 'rpm']" :rows="$page->work->chart->table" />
        @endif
        <x-forms.entry :form="$page->form" kind="school_chosen" id="school-form" class="dj-school"><input type="hidden" name="adjuster" value="{{ $page->work->screw }}"><input type="hidden" name="screw" value="{{ $page->work->screw }}">
            @foreach ($page->work->schools as $school)
                <button type="submit" name="school" value="{{ $school['value'] }}" aria-pressed="{{ $school['selected'] ? 'true' : 'false' }}" title="{{ $school['why'] }}">{{ $school['name'] }}</button>
            @endforeach
        </x-forms.entry>
    </header>
    @if ($page->work->chart)
        <div class="dj-wide" tabindex="0" role="region" aria-label="Mixture run chart"><x-charts.mixture :chart="$page->work->chart" :out-is-richer="$page->work->outIsRicher" /></div>
    @else
        <p class="dj-story"><b>No reading yet.</b> {{ $page->work->advice }}</p>
    @endif
</section>
