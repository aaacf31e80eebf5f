@if (!$page->job->isClosed && $work->hasComplaint && !$work->isSaying)
    <a class="dj-saymore" id="say" href="{{ $page->form->sayAddress() }}">Say something else <small>told, seen or
            tested</small></a>
@elseif (!$page->job->isClosed && $work->ticks)
    <details class="dj-more" id="say" open>
        <summary>{{ $work->hasComplaint ? 'Say something else' : 'What does it do?' }}</summary>
        @if ($work->isSaying)
            <div class="dj-say"><label for="say-filter">Part, place or word</label>
                <input class="form-control" id="say-filter" type="search" autocomplete="off"
                    data-filter="#say-rows">
            </div>
        @else
            <a class="btn btn-secondary" href="{{ $page->form->sayAddress() }}">Told, seen or tested: the whole list</a>
        @endif
        <ul class="dj-tickrows" id="say-rows">
            @foreach ($work->ticks as $tick)
                <li data-words="{{ $tick->words }}">@include('forms.open', ['form' => $page->form, 'kind' => 'finding_noted'])
                        <input type="hidden" name="finding" value="{{ $tick->finding }}">
                        @if (count($tick->choices) > 1)
                            <span>{{ $tick->name }}</span>
                        @endif
                        @foreach ($tick->choices as $choice)
                            <button class="btn btn-secondary" type="submit" name="answer"
                                value="{{ $choice['value'] }}"
                                @if (count($tick->choices) > 1) aria-label="{{ $tick->name }}, {{ $choice['label'] }}" @endif>
                                {{ ucfirst($choice['label']) }}
                            </button>
                        @endforeach
                    </form></li>
            @endforeach
        </ul>
    </details>
@endif
