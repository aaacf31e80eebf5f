@extends('layout.page', ['title' => $page->title, 'body' => 'pg-form'])

@section('main')
    <div id="job" class="dj-job-page">
        <header class="dj-frame">@include('frame.head', ['title' => $page->title, 'about' => ucfirst($page->fits)])</header>
        <main id="main" class="dj-narrow">
            <div class="dj-titlerow">
                <h1>{{ $page->title }}</h1><a class="btn btn-secondary" href="{{ route('library.index') }}">All
                    families</a>
            </div>
            @if (count($page->variants) > 1)
                <nav class="dj-tests dj-variants" aria-label="Variants">
                    @foreach ($page->variants as $variant)
                        <a href="{{ $variant['href'] }}"
                            @if ($variant['selected']) aria-current="true" @endif><b>{{ $variant['name'] }}</b></a>
                    @endforeach
                </nav>
            @endif
            <section class="dj-bay dj-library-cut" aria-labelledby="h-cut">
                <header class="bay-h">
                    <h2 id="h-cut">Cutaway</h2><span class="cnt">{{ count($page->cutaway->parts) }}
                        parts</span>
                </header>
                <div class="cutwrap">@include('drawings::cutaways.' . $page->cutaway->drawing, ['state' => $page->cutaway])</div>
                <ol class="dj-behind">
                    @foreach ($page->cutaway->parts as $part)
                        <li>{{ $part->number }}. {{ $part->name }}</li>
                    @endforeach
                </ol>
                <dl class="dj-compare">
                    @foreach ($page->circuits as $circuit)
                        <div>
                            <dt>{{ $circuit->name }}<small>{{ $circuit->works }}</small></dt>
                        </div>
                    @endforeach
                </dl>
            </section>
            @include('library.order')
            @if ($page->order->keepDry)
                <p class="dj-hazard">@include('drawings::icons.hazard')<span><b>No cleaner on these.</b>
                        {{ implode('; ', $page->order->keepDry) }}.</span></p>
            @endif
            <section class="dj-bay" aria-labelledby="h-faults">
                <header class="bay-h">
                    <h2 id="h-faults">What goes wrong</h2><span
                        class="cnt">{{ count($page->wrong->faults) }}</span>
                </header>
                <ul class="dj-rows dj-families">
                    @foreach ($page->wrong->faults as $fault)
                        <li>
                            <p><span>{{ $fault['name'] }}</span><small>{{ $fault['cure'] }}</small></p>
                        </li>
                    @endforeach
                </ul>
            </section>
            @include('library.bench')
            <p class="dj-fine">Orders and looks: {{ $page->provenance }}. The order of a job is the reverse of its
                own strip under the same rules.</p>
        </main>
    </div>
@endsection
