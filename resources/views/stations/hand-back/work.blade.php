<section class="dj-bay bay-work" aria-labelledby="h-proof">
    <header class="bay-h">
        <h2 id="h-proof">The proof</h2><span
            class="cnt">{{ $work->handedBack ? 'handed back ' . $work->handedBack : $work->inTheWay . ' in the way' }}</span>
    </header>
    <ol class="dj-steps">
        @foreach ($work->checks as $check)
            <li class="is-check is-{{ $check['state'] }}">
                @include('forms.open', [
                    'form' => $page->form,
                    'kind' => 'check_done',
                    'id' => 'check-' . $check['key'],
                ])
                    <input type="hidden" name="check" value="{{ $check['key'] }}"><input type="hidden"
                        name="passed" value="1">
                    <span>{{ $check['do'] }} <small>{{ $check['note'] }}</small></span>
                    @if (!$check['isPossible'])
                        <em>Not now{{ $check['inTheWay'] === '' ? '' : ': ' . $check['inTheWay'] }}</em>
                    @elseif ($check['takesRpm'])
                        <label for="rpm-{{ $check['key'] }}" class="visually-hidden">{{ $check['do'] }},
                            rpm</label><input class="form-control" id="rpm-{{ $check['key'] }}" name="rpm"
                            inputmode="numeric" placeholder="rpm">
                    @endif
                    @if ($check['isPossible'])
                        @include('stations.passes', [
                            'what' => $check['do'],
                            'isPassed' => $check['state'] === 'passed',
                        ])
                    @endif
                </form>
            </li>
        @endforeach
    </ol>
    @foreach ($work->promises as $promise)
        @include('forms.open', [
            'form' => $page->form,
            'kind' => 'promise_kept',
            'id' => 'promise-' . $loop->index,
            'class' => 'dj-override',
        ])
            <input type="hidden" name="promise" value="{{ $promise->entryId }}">
            <p><b>{{ $promise->what }}</b> was put off by {{ $promise->by }}.</p>
            <label for="kept-{{ $loop->index }}">What came of it</label>
            <div class="dj-tap"><input class="form-control" id="kept-{{ $loop->index }}" name="result"
                    maxlength="200" required autocomplete="off"><button type="submit"
                    class="btn btn-secondary">Done</button></div>
        </form>
    @endforeach
    @include('stations.hand-back.overrides')
    @if ($work->gates && !$work->handedBack)
        <ul class="dj-gates" aria-label="In the way of handing back">
            @foreach ($work->gates as $gate)
                <li>{{ $gate }}</li>
            @endforeach
        </ul>
    @endif
    @unless ($work->handedBack)
        @include('stations.hand-back.ends')
    @endunless
    @include('forms.open', [
        'form' => $page->form,
        'kind' => 'handed_back',
        'id' => 'handback-form',
        'class' => 'dj-form',
    ])
        <div class="dj-field"><label for="f-advice">Advice to the customer</label>
            <textarea class="form-control" id="f-advice" name="advice" rows="2" maxlength="2000">{{ $work->advice }}</textarea>
        </div>
        @if ($work->mayHandBack)
            <button type="submit" class="btn btn-secondary">Hand it back</button>
        @endif
    </form>
    <p class="dj-links"><a class="btn btn-secondary" href="{{ $work->papers->report }}">Report</a> <a
            class="btn btn-secondary" href="{{ $work->papers->pdf }}">PDF</a> <a class="btn btn-secondary"
            href="{{ $work->papers->file }}">Job file</a></p>
</section>
