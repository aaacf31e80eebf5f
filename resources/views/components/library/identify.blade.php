@props(['page', 'open'])

<section class="dj-bay dj-identify" id="identify" aria-labelledby="h-identify">
    <header class="bay-h">
        <h2 id="h-identify">Which one is it?</h2><span class="cnt">look and tell, six questions at most</span>
    </header>
    <ol>
        @foreach ($page->identify->trail as $step)
            <li><span>{{ $step['ask'] }}</span><b>{{ $step['answer'] }}</b><a href="{{ $step['back'] }}"
                    aria-label="Answer again: {{ $step['ask'] }}">Again</a></li>
        @endforeach
    </ol>
    @if ($page->found)
        <p class="q" role="status">It is: <b>{{ $page->found['name'] }}</b>
            <small>{{ $page->found['fits'] }}</small></p>
        <p class="keys"><a class="btn btn-primary" href="{{ $page->found['href'] }}" data-next>{{ $open }}
                <kbd class="dj-kbd">N</kbd></a></p>
    @else
        <p class="q"><b>{{ $page->identify->question }}</b></p>
        <p class="keys">
            @foreach ($page->identify->answers as $answer)
                <a class="btn btn-secondary" href="{{ $answer['href'] }}">{{ $answer['label'] }}</a>
            @endforeach
        </p>
    @endif
</section>
<section class="dj-bay" aria-labelledby="h-families">
    <header class="bay-h">
        <h2 id="h-families">{{ $slot }}</h2><span class="cnt">{{ count($page->families) }}</span>
    </header>
    <ul class="dj-rows dj-families">
        @foreach ($page->families as $family)
            <li><a
                    href="{{ $family['href'] }}"><span>{{ $family['name'] }}</span><small>{{ $family['fits'] }}</small></a>
            </li>
        @endforeach
    </ul>
</section>
