@if ($page->work->repair && ! $page->work->isChosen)
    <div class="dj-checkcard" id="answers" tabindex="-1">
        <p class="q"><b>{{ $page->work->repair['do'] }}</b></p>
        <p class="how">No check would pay any more. {{ $page->work->repair['name'] }} is the likeliest for its minutes. Try the engine after it.</p>
        <x-forms.entry :form="$page->form" kind="fault_repaired" id="repair-form">
            <input type="hidden" name="fault" value="{{ $page->work->repair['fault'] }}">
            <button class="btn btn-secondary" type="submit">Done, {{ $page->work->repair['minutes'] }} min, log it</button>
        </x-forms.entry>
    </div>
@elseif ($page->work->check)
    <div class="dj-checkcard">
        <p class="q"><b>{{ $page->work->check->do }}</b> <small>{{ $page->work->check->minutes }} min, {{ $page->work->check->worth }}</small></p>
        <p class="how">{{ $page->work->check->how }}
            @if ($page->work->check->opens) First: {{ $page->work->check->opens }}. @endif
            @if ($page->work->check->tools) <span>Needs: {{ $page->work->check->tools }}.</span> @endif
            @if ($page->work->check->risk) <span>Done wrong, {{ $page->work->check->risk }}.</span> @endif
        </p>
        @if ($page->work->check->caution)
            <p class="dj-hazard"><x-icons.hazard /><span><b>{{ $page->work->check->caution['title'] }}</b> {{ $page->work->check->caution['text'] }}</span></p>
        @endif
        <p class="ask" id="asked">{{ $page->work->check->question }}</p>
        <ul class="dj-answers" id="answers" tabindex="-1" aria-labelledby="asked">
            @foreach ($page->work->check->outcomes as $outcome)
                <li><x-forms.entry :form="$page->form" kind="check_answered">
                    <input type="hidden" name="check" value="{{ $page->work->check->id }}">
                    @foreach ($outcome['answers'] as $finding => $answer)
                        <input type="hidden" name="answers[{{ $finding }}]" value="{{ $answer }}">
                    @endforeach
                    <button class="btn btn-secondary" type="submit"><b>{{ $outcome['label'] }}</b></button>
                    <small><span class="visually-hidden">Then: </span>{{ $outcome['then'] }}</small>
                </x-forms.entry></li>
            @endforeach
            <li><x-forms.entry :form="$page->form" kind="check_answered">
                <input type="hidden" name="check" value="{{ $page->work->check->id }}">
                @foreach ($page->work->check->outcomes[0]['answers'] as $finding => $answer)
                    <input type="hidden" name="answers[{{ $finding }}]" value="cannot_tell">
                @endforeach
                <button class="btn btn-secondary" type="submit"><b>Cannot tell or do</b></button>
                <small>nothing changes</small>
            </x-forms.entry></li>
        </ul>
    </div>
@endif
@if ($page->work->runnersUp)
    <details class="dj-more"><summary>Other checks, and why they lost</summary>
        <ul class="dj-rows">
            @foreach ($page->work->runnersUp as $other)
                <li><a href="{{ $other['href'] }}"><span>{{ $other['do'] }}</span><small>{{ $other['minutes'] }} min, {{ $other['worth'] }}</small></a></li>
            @endforeach
            @foreach ($page->work->notNow as $not)
                <li><p><span>{{ $not['do'] }}</span><small>{{ $not['why'] }}</small></p></li>
            @endforeach
        </ul>
    </details>
@endif
