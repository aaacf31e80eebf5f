@foreach ($work->flows as $flow)
    <details id="flow-{{ $flow->flow }}" class="dj-more dj-flow dj-proposes" @if ($flow->isBegun && $flow->kind !== 'end') open @endif>
        <summary>{{ $flow->name }}</summary>
        <p class="how">{{ $flow->why }}</p>
        <ol>
            @foreach ($flow->behind as $step)
                <li class="is-done">@include('drawings::icons.tick') {{ $step }}</li>
            @endforeach
        </ol>
        <p class="q"><b>{{ $flow->do }}</b>
            @if ($flow->counted)
                <small>{{ $flow->counted }}</small>
            @endif
        </p>
        @if ($flow->caution)
            <p class="dj-hazard">@include('drawings::icons.hazard')<span><b>{{ $flow->caution['title'] }}</b>
                    {{ $flow->caution['text'] }}</span></p>
        @endif
        @if ($flow->kind === 'ask')
            @include('forms.open', ['form' => $page->form, 'kind' => 'finding_noted', 'class' => 'dj-flowkeys'])
                <input type="hidden" name="finding" value="{{ $flow->finding }}">
                <button class="btn btn-secondary" type="submit" name="answer" value="yes">Yes</button>
                <button class="btn btn-secondary" type="submit" name="answer" value="no">No</button>
            </form>
        @elseif ($flow->kind !== 'end')
            @include('forms.open', ['form' => $page->form, 'kind' => 'flow_stepped', 'class' => 'dj-flowkeys'])
                <input type="hidden" name="flow" value="{{ $flow->flow }}">
                <input type="hidden" name="step" value="{{ $flow->step }}">
                @if ($flow->kind === 'count')
                    <button class="btn btn-secondary" type="submit" name="worked" value="0">One more, not
                        yet</button>
                    <button class="btn btn-secondary" type="submit" name="worked" value="1">That did
                        it</button>
                @else
                    <button class="btn btn-secondary" type="submit" name="worked" value="1">Done</button>
                @endif
            </form>
        @endif
    </details>
@endforeach
