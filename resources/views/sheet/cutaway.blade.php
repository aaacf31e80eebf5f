<section class="dj-bay bay-cut" aria-labelledby="h-cut">
    <header @class(['bay-h', 'is-many' => count($state->circuits) > 4])>
        <h2 id="h-cut">Cutaway</h2>
        <div class="dj-keys" role="group" aria-label="Circuits shown">
            @foreach ($state->circuits as $circuit)
                <button type="button" aria-pressed="true" data-circ="{{ $circuit->key }}"
                    title="{{ $circuit->works }}"><s
                        class="sw {{ $circuit->swatch }}"></s>{{ $circuit->name }}</button>
            @endforeach
        </div>
        @if ($state->movesFloat)
            <button type="button" class="dj-flip" data-act="float"
                aria-pressed="{{ $state->leaks ? 'true' : 'false' }}">
                <b>{{ $state->leaks ? 'Float down' : 'Float up' }}</b>
                <small>{{ $state->leaks ? 'needle open' : 'needle closed' }}</small>
            </button>
        @endif
    </header>
    <div class="cutwrap">@include('drawings::cutaways.' . $state->drawing, ['state' => $state])</div>
    @foreach ($state->parts as $part)
        <div class="dj-sel" data-sel="{{ $part->key }}" @if (!$part->isAsked) hidden @endif>
            <i>{{ $part->number }}</i>
            <p><b>{{ $part->name }}</b> {{ $part->said }}<br><small>{{ $part->note }}</small></p>
            @if ($part->seal)
                <button class="btn btn-secondary" type="button" data-seal="{{ $part->key }}"
                    aria-pressed="{{ $part->seal === 'sealed' ? 'true' : 'false' }}">Close it off</button>
            @endif
            @if ($part->act)
                <button class="btn btn-secondary" type="submit"
                    form="{{ $part->act['form'] }}">{{ $part->act['label'] }}</button>
            @endif
        </div>
    @endforeach
    <ul class="dj-parts" id="parts">
        @foreach ($state->parts as $part)
            <li @if (!$part->isCommon) class="is-more" @endif>
                <button type="button" @class(['dj-part', 'is-asked' => $part->isAsked]) data-part="{{ $part->key }}"
                    aria-label="{{ $part->label() }}"><i>{{ $part->number }}</i><span>{{ $part->name }}</span>
                    @if ($part->mark === 'ok')
                        <em class="ok">@include('drawings::icons.tick')</em>
                    @elseif ($part->mark === 'stale')
                        <em class="st">@include('drawings::icons.drop')</em>
                    @elseif ($part->mark === 'new')
                        <em class="new">new</em>
                    @elseif ($part->mark === 'leak')
                        <em class="lk">@include('drawings::icons.drop')</em>
                    @elseif ($part->mark === 'suspect')
                        <em class="q">{{ $part->letter }}</em>
                    @endif
                </button>
            </li>
        @endforeach
        <li class="is-toggle"><button type="button" class="dj-part more" data-act="parts"
                aria-expanded="false"><span>All {{ count($state->parts) }} parts</span>@include('drawings::icons.more')</button>
        </li>
    </ul>
</section>
