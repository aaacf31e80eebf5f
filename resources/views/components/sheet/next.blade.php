@props(['page'])

<aside class="dj-bay bay-next" aria-labelledby="h-next">
    @if ($page->next)
        <div class="dj-next">
            <h2 id="h-next">Next move</h2>
            <div class="mins"><b>{{ $page->next->minutes }}</b> min</div>
            <p class="do">{{ $page->next->do }}</p>
            <p class="why">{{ $page->next->why }}</p>
            @if ($page->next->form)
                <button class="btn btn-primary" type="submit" form="{{ $page->next->form }}" data-next @if ($page->next->form === 'hold-form') data-run @endif><span data-label>{{ $page->next->label }}</span><span class="m-only">, {{ $page->next->minutes }} min</span> <kbd class="dj-kbd">N</kbd></button>
            @else
                <a class="btn btn-primary" href="{{ $page->next->href }}" data-next><span>{{ $page->next->label }}</span><span class="m-only">, {{ $page->next->minutes }} min</span> <kbd class="dj-kbd">N</kbd></a>
            @endif
        </div>
    @else
        <div class="dj-next"><h2 id="h-next">Done</h2><p class="do">Handed back.</p><p class="why">The log stays as it is. A new visit is a new job.</p></div>
    @endif
    @if ($page->others)
        <div class="dj-or"><h3 class="visually-hidden">Or</h3>
            @foreach ($page->others as $move)
                @if ($move->form && $move->isOneTap)
                    <button type="submit" form="{{ $move->form }}"><span>{{ $move->do }}</span><b>{{ $move->minutes }} min</b></button>
                @else
                    <a href="{{ $move->href }}"><span>{{ $move->do }}</span><b>{{ $move->minutes }} min</b></a>
                @endif
            @endforeach
        </div>
    @endif
    @if ($page->coach)
        <details class="dj-coach" open><summary>Coach</summary><p>{{ $page->coach->text }}</p>
            @if ($page->coach->lines)
                <dl>
                    @foreach ($page->coach->lines as $line)
                        <div><dt>{{ $line['what'] }}</dt><dd>{{ $line['why'] }}</dd></div>
                    @endforeach
                </dl>
            @endif
        </details>
    @endif
    <x-sheet.stale :stale="$page->stale" />
    @if ($page->caution)
        <p class="dj-hazard"><x-icons.hazard /><span><b>{{ $page->caution->title }}</b> {{ $page->caution->text }}</span></p>
    @endif
    <form class="dj-coachkey" method="post" action="{{ route('coach.update') }}">@csrf<button class="btn btn-secondary" type="submit" aria-pressed="{{ $page->coach ? 'true' : 'false' }}">{{ $page->coach ? 'Fewer words' : 'Explain more' }}</button></form>
    <div class="dj-book"><h3>Book values <small>common practice unless said</small></h3>
        <dl>
            @foreach ($page->book as $value)
                <div><dt>{{ $value['name'] }} @if ($value['from'] !== 'common practice')<small>{{ $value['from'] }}</small>@endif</dt><dd>{{ $value['value'] }}</dd></div>
            @endforeach
        </dl>
    </div>
</aside>
