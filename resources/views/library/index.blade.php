<x-layout.page :title="$page->title" body="pg-form">
<div id="job" class="dj-job-page">
    <header class="dj-frame"><x-frame.head title="Library" about="Thirteen families: how they come apart, go together and go wrong." /></header>
    <main id="main" class="dj-narrow">
        <div class="dj-titlerow"><h1>Library</h1><a class="btn btn-secondary" href="{{ route('board') }}">Back to the board</a></div>
        <section class="dj-bay dj-identify" id="identify" aria-labelledby="h-identify">
            <header class="bay-h"><h2 id="h-identify">Which one is it?</h2><span class="cnt">look and tell, six questions at most</span></header>
            <ol>
                @foreach ($page->trail as $step)
                    <li><span>{{ $step['ask'] }}</span><b>{{ $step['answer'] }}</b><a href="{{ $step['back'] }}" aria-label="Answer again: {{ $step['ask'] }}">Again</a></li>
                @endforeach
            </ol>
            @if ($page->found)
                <p class="q" role="status">It is: <b>{{ $page->found['name'] }}</b> <small>{{ $page->found['fits'] }}</small></p>
                <p class="keys"><a class="btn btn-primary" href="{{ $page->found['href'] }}" data-next>Open its sheet <kbd class="dj-kbd">N</kbd></a></p>
            @else
                <p class="q"><b>{{ $page->question }}</b></p>
                <p class="keys">
                    @foreach ($page->answers as $answer)
                        <a class="btn btn-secondary" href="{{ $answer['href'] }}">{{ $answer['label'] }}</a>
                    @endforeach
                </p>
            @endif
        </section>
        <section class="dj-bay" aria-labelledby="h-families">
            <header class="bay-h"><h2 id="h-families">Families</h2><span class="cnt">{{ count($page->families) }}</span></header>
            <ul class="dj-rows dj-families">
                @foreach ($page->families as $family)
                    <li><a href="{{ $family['href'] }}"><span>{{ $family['name'] }}</span><small>{{ $family['fits'] }}</small></a></li>
                @endforeach
            </ul>
        </section>
    </main>
</div>
</x-layout.page>
