<section class="dj-bay bay-work" aria-labelledby="h-held">
    @includeWhen($work->tabs, 'stations.run.tabs')
    <header class="bay-h">
        <h2 id="h-held">Run</h2>
    </header>
    <p class="dj-hazard" role="status">@include('drawings::icons.hazard')<span><b>Not now.</b> {{ $work->notNow }}</span></p>
    @if ($work->finding !== '')
        <p class="dj-story">Put it right first. When nothing of it is left to see, say so, and the run goes on where it was.
        </p>
        @include('forms.open', ['form' => $page->form, 'kind' => 'finding_noted', 'id' => 'gone-form', 'class' => 'dj-gone'])
            <input type="hidden" name="finding" value="{{ $work->finding }}">
            <button class="btn btn-secondary" type="submit" name="answer" value="no">Looked: it is gone</button>
        </form>
    @endif
</section>
