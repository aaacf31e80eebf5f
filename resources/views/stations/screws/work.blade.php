<section class="dj-bay bay-work" aria-label="{{ $page->station->label() }}">
    @include('stations.run.tabs')
    @include('forms.open', [
        'form' => $page->form,
        'kind' => $work->kind,
        'id' => 'work-form',
        'class' => 'dj-dialbay',
    ])
        <input type="hidden" name="adjuster" value="{{ $work->dial->screw->key }}">
        <input type="hidden" name="station" value="{{ $page->station->value }}">
        <p class="dj-story"><b>{{ $work->senseNote }}</b> {{ $work->story }}</p>
        <x-instruments.dial :dial="$work->dial" form="work-form">
            <div class="dj-count">
                <button type="button" class="btn btn-secondary" data-by="24" data-count>Half turn <kbd
                        class="dj-kbd">Space</kbd></button>
                <button type="button" class="btn btn-secondary" data-act="undo-turn">Undo</button>
                <button type="button" class="btn btn-secondary" data-act="zero-turn">Start over</button>
                <label for="turns" class="visually-hidden">{{ ucfirst($work->dial->datum->counted()) }}</label>
                <input class="form-control" id="turns" name="turns" value="{{ $work->dial->turns->text }}"
                    data-turns autocomplete="off" spellcheck="false">
                <button type="submit" class="btn btn-secondary">{{ $work->verb }}, log</button>
            </div>
        </x-instruments.dial>
    </form>
    @if ($work->canStart)
        <ul class="dj-starts" aria-label="Start from">
            @foreach ($work->starts as $start)
                <li><button type="button" class="btn btn-secondary" data-to="{{ $start->units }}"><b>{{ $start->name }}</b>
                        <span>{{ $start->value }}</span><small>{{ $start->from }}</small></button></li>
            @endforeach
        </ul>
    @elseif ($work->starts)
        <dl class="dj-compare" aria-label="The same screw elsewhere">
            @foreach ($work->starts as $start)
                <div>
                    <dt>{{ $start->name }} <small>{{ $start->from }}</small></dt>
                    <dd>{{ $start->value }}</dd>
                </div>
            @endforeach
        </dl>
    @endif
    @if ($work->links)
        <details class="dj-more dj-linknotes">
            <summary>Rods, springs, hoses <small>{{ $work->linksNoted }}</small></summary>
            @foreach ($work->links as $link)
                @include('forms.open', [
                    'form' => $page->form,
                    'kind' => 'link_noted',
                    'id' => 'link-' . $link['link'],
                    'class' => 'dj-tap',
                ])
                    <input type="hidden" name="link" value="{{ $link['link'] }}">
                    <div class="dj-field"><label for="l-{{ $link['link'] }}">{{ $link['ask'] }}</label><input
                            class="form-control" id="l-{{ $link['link'] }}" name="text"
                            value="{{ $link['text'] }}" maxlength="300" required autocomplete="off"></div>
                    <button class="btn btn-secondary" type="submit"
                        aria-label="Note: {{ $link['ask'] }}">Note</button>
                </form>
            @endforeach
        </details>
    @endif
    @includeWhen($page->station->value === 'as-found', 'stations.photos')
    @includeWhen($work->cap->isOffered, 'stations.screws.cap')
</section>
