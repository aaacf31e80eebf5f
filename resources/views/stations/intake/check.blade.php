@if ($work->likely->repair && !$work->likely->isChosen)
    <div class="dj-checkcard dj-proposes" id="answers" tabindex="-1">
        <p class="q"><b>{{ $work->likely->repair['do'] }}</b></p>
        <p class="how">{{ $work->likely->repair['why'] }} Try the engine after it.</p>
        @if ($work->likely->repair['strip'])
            <a class="btn btn-secondary" href="{{ $work->likely->repair['strip'] }}">Go to
                {{ $work->likely->repair['station'] }}, {{ $work->likely->repair['minutes'] }} min in all</a>
        @else
            @include('forms.open', ['form' => $page->form, 'kind' => 'fault_repaired', 'id' => 'repair-form'])
                <input type="hidden" name="fault" value="{{ $work->likely->repair['fault'] }}">
                <button class="btn btn-secondary" type="submit">Done, {{ $work->likely->repair['minutes'] }} min, log
                    it</button>
            </form>
        @endif
    </div>
@elseif ($work->likely->check)
    <div class="dj-checkcard dj-proposes">
        <p class="q"><b>{{ $work->likely->check->do }}</b> <small>{{ $work->likely->check->minutes }} min,
                {{ $work->likely->check->worth }}</small></p>
        <p class="how">{{ $work->likely->check->how }}
            @if ($work->likely->check->opens)
                First: {{ $work->likely->check->opens }}.
            @endif
            @if ($work->likely->check->tools)
                <span>Needs: {{ $work->likely->check->tools }}.</span>
            @endif
            @if ($work->likely->check->risk)
                <span>Done wrong, {{ $work->likely->check->risk }}.</span>
            @endif
        </p>
        @if ($work->likely->check->caution)
            <p class="dj-hazard">@include('drawings::icons.hazard')<span><b>{{ $work->likely->check->caution['title'] }}</b>
                    {{ $work->likely->check->caution['text'] }}</span></p>
        @endif
        <p class="ask" id="asked">{{ $work->likely->check->question }}</p>
        <ul class="dj-answers" id="answers" tabindex="-1" aria-labelledby="asked">
            @foreach ($work->likely->check->outcomes as $outcome)
                <li>@include('forms.open', ['form' => $page->form, 'kind' => 'check_answered'])
                        <input type="hidden" name="check" value="{{ $work->likely->check->id }}">
                        @foreach ($outcome['answers'] as $finding => $answer)
                            <input type="hidden" name="answers[{{ $finding }}]" value="{{ $answer }}">
                        @endforeach
                        <button class="btn btn-secondary" type="submit"><b>{{ $outcome['label'] }}</b></button>
                        <small><span class="visually-hidden">Then: </span>{{ $outcome['then'] }}</small>
                    </form></li>
            @endforeach
            <li>@include('forms.open', ['form' => $page->form, 'kind' => 'check_answered'])
                    <input type="hidden" name="check" value="{{ $work->likely->check->id }}">
                    @foreach ($work->likely->check->outcomes[0]['answers'] as $finding => $answer)
                        <input type="hidden" name="answers[{{ $finding }}]" value="cannot_tell">
                    @endforeach
                    <button class="btn btn-secondary" type="submit"><b>Cannot tell or do</b></button>
                    <small>nothing changes</small>
                </form></li>
        </ul>
    </div>
@endif
@if ($work->likely->runnersUp)
    <details class="dj-more dj-proposes">
        <summary>Other checks, and why they lost</summary>
        <ul class="dj-rows">
            @foreach ($work->likely->runnersUp as $other)
                <li><a href="{{ $other['href'] }}"><span>{{ $other['do'] }}</span><small>{{ $other['minutes'] }}
                            min, {{ $other['worth'] }}</small></a></li>
            @endforeach
            @foreach ($work->likely->notNow as $not)
                <li>
                    <p><span>{{ $not['do'] }}</span><small>{{ $not['why'] }}</small></p>
                </li>
            @endforeach
        </ul>
    </details>
@endif
