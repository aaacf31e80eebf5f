<h3 class="dj-h3">
    Suspects</h3>
<ol class="dj-suspects">
    @foreach ($work->likely->suspects as $suspect)
        <li>
            <details id="suspect-{{ $suspect->fault }}">
                <summary><i>{{ $suspect->letter }}</i><span>{{ $suspect->name }} @if ($suspect->where)
                            <small>{{ $suspect->where }}</small>
                        @endif
                    </span><svg viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
                        <rect width="100" height="8" class="t" />
                        <rect width="{{ $suspect->percent }}" height="8" class="v" />
                    </svg><b>{{ $suspect->percent }} %</b></summary>
                <ul>
                    @forelse ($suspect->because as $reason)
                        <li @class(['is-against' => !$reason['isFor']])><span>{{ $reason['sign'] }}</span> {{ $reason['text'] }}
                            <b>{{ $reason['times'] }}</b></li>
                    @empty
                        <li>Nothing answered so far speaks for or against it: this is how often it happens.</li>
                    @endforelse
                    <li class="cure">{{ $suspect->cure }}. <em>Figures: {{ $suspect->provenance }}.</em></li>
                    @unless ($page->job->isClosed)
                        <li>@include('forms.open', ['form' => $page->form, 'kind' => 'fault_repaired'])<input type="hidden" name="fault"
                                    value="{{ $suspect->fault }}"><button class="btn btn-secondary"
                                    type="submit">Cured, log it</button></form></li>
                    @endunless
                </ul>
            </details>
        </li>
    @endforeach
</ol>
<p class="dj-fine">No fault of the list: {{ $work->likely->unexplained }}. Chances do not add up to 100: two faults
    at once are normal. Beside each answer: by how much it changed the odds of that fault.</p>
@if ($work->likely->turns)
    <details class="dj-more">
        <summary>What could still turn it</summary>
        <ul class="dj-rows">
            @foreach ($work->likely->turns as $turn)
                <li><a
                        href="{{ $turn['href'] }}"><span>{{ $turn['if'] }}</span><small>{{ $turn['then'] }}</small></a>
                </li>
            @endforeach
        </ul>
    </details>
@endif
