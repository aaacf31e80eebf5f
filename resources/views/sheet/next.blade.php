<aside class="dj-bay bay-next" aria-labelledby="h-next">
    @include('sheet.behind')
    @if ($plate->next)
        <div class="dj-next">
            <h2 id="h-next">Next move</h2>
            <div class="mins"><b>{{ $plate->next->minutes }}</b> min</div>
            <p class="do">{{ $plate->next->do }}</p>
            <p class="why">{{ $plate->next->why }}</p>
            @if ($plate->next->form)
                <button class="btn btn-primary" type="submit" form="{{ $plate->next->form }}" data-next
                    @if ($plate->next->form === 'hold-form') data-run @endif><span
                        data-label>{{ $plate->next->label }}</span><span class="m-only">,
                        {{ $plate->next->minutes }} min</span> <kbd class="dj-kbd">N</kbd></button>
            @else
                <a class="btn btn-primary" href="{{ $plate->next->href }}"
                    data-next><span>{{ $plate->next->label }}</span><span class="m-only">,
                        {{ $plate->next->minutes }} min</span> <kbd class="dj-kbd">N</kbd></a>
            @endif
        </div>
    @else
        <div class="dj-next">
            <h2 id="h-next">Done</h2>
            <p class="do">Handed back.</p>
            <p class="why">The log stays as it is. A new visit is a new job.</p>
            <a class="btn btn-primary" href="{{ $plate->comeBack->openHref }}" data-next>It came back <kbd
                    class="dj-kbd">N</kbd></a>
        </div>
    @endif
    @foreach ($plate->comeBack->jobs as $job)
        <a class="dj-clear" href="{{ $job['href'] }}"><span>{{ $job['said'] }}</span></a>
    @endforeach
    @if ($plate->others)
        <div class="dj-or">
            <h3 class="visually-hidden">Or</h3>
            @foreach ($plate->others as $move)
                @if ($move->form && $move->isOneTap)
                    <button type="submit"
                        form="{{ $move->form }}"><span>{{ $move->do }}</span><b>{{ $move->minutes }}
                            min</b></button>
                @else
                    <a href="{{ $move->href }}"><span>{{ $move->do }}</span><b>{{ $move->minutes }}
                            min</b></a>
                @endif
            @endforeach
        </div>
    @endif
    @if ($plate->coach)
        <details class="dj-coach" open>
            <summary>Coach</summary>
            <p>{{ $plate->coach->text }}</p>
            @if ($plate->coach->lines)
                <dl>
                    @foreach ($plate->coach->lines as $line)
                        <div>
                            <dt>{{ $line['what'] }}</dt>
                            <dd>{{ $line['why'] }}</dd>
                        </div>
                    @endforeach
                </dl>
            @endif
        </details>
    @endif
    @include('sheet.stale', ['stale' => $plate->stale])
    @if ($plate->caution)
        <p class="dj-hazard">@include('drawings::icons.hazard')<span><b>{{ $plate->caution->title }}</b>
                {{ $plate->caution->text }}</span></p>
    @endif
    <form class="dj-coachkey" method="post" action="{{ route('coach.update') }}">@csrf<button
            class="btn btn-secondary" type="submit"
            aria-pressed="{{ $plate->coach ? 'true' : 'false' }}">{{ $plate->coach ? 'Fewer words' : 'Explain more' }}</button>
    </form>
    <div class="dj-book">
        <h3>Book values <small>common practice unless said</small></h3>
        <dl>
            @foreach ($plate->book as $value)
                <div>
                    <dt>{{ $value->name }} @if ($value->from !== 'common practice')
                            <small>{{ $value->from }}</small>
                        @endif
                    </dt>
                    <dd>{{ $value->value }}</dd>
                </div>
            @endforeach
        </dl>
    </div>
</aside>
