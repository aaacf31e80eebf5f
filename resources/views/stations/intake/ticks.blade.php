@if (!$page->job->isClosed && $work->ticks)
    <details class="dj-more" @if (!$work->hasComplaint) open @endif>
        <summary>{{ $work->hasComplaint ? 'Something else it does' : 'What does it do?' }}</summary>
        <ul class="dj-tickrows">
            @foreach ($work->ticks as $tick)
                <li><x-forms.entry :form="$page->form" kind="finding_noted">
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
                    </x-forms.entry></li>
            @endforeach
        </ul>
    </details>
@endif
