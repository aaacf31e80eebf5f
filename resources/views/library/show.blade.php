<x-layout.page :title="$page->title" body="pg-form">
<div id="job" class="dj-job-page">
    <header class="dj-frame"><x-frame.head :title="$page->title" :about="ucfirst($page->fits)" /></header>
    <main id="main" class="dj-narrow">
        <div class="dj-titlerow"><h1>{{ $page->title }}</h1><a class="btn btn-secondary" href="{{ route('library.index') }}">All families</a></div>
        @if (count($page->variants) > 1)
            <nav class="dj-tests dj-variants" aria-label="Variants">
                @foreach ($page->variants as $variant)
                    <a href="{{ $variant['href'] }}" @if ($variant['selected']) aria-current="true" @endif><b>{{ $variant['name'] }}</b></a>
                @endforeach
            </nav>
        @endif
        <section class="dj-bay dj-library-cut" aria-labelledby="h-cut">
            <header class="bay-h"><h2 id="h-cut">Cutaway</h2><span class="cnt">{{ count($page->cutaway->parts) }} parts</span></header>
            <div class="cutwrap"><x-dynamic-component :component="'cutaways.'.$page->cutaway->drawing" :state="$page->cutaway" /></div>
            <ol class="dj-behind">
                @foreach ($page->cutaway->parts as $part)
                    <li>{{ $part->number }}. {{ $part->name }}</li>
                @endforeach
            </ol>
            <dl class="dj-compare">
                @foreach ($page->circuits as $circuit)
                    <div><dt>{{ $circuit['name'] }}<small>{{ $circuit['works'] }}</small></dt></div>
                @endforeach
            </dl>
        </section>
        <div class="dj-twice">
            <section class="dj-bay" aria-labelledby="h-strip">
                <header class="bay-h"><h2 id="h-strip">Comes apart</h2><span class="cnt">{{ count($page->strip) }} parts, {{ $page->springs }} springs</span></header>
                <ol class="dj-partlist">
                    @foreach ($page->strip as $part)
                        <li><span>{{ $part['name'] }} @if ($part['spring'])<small>spring</small>@endif</span>@if ($part['note'])<em>{{ $part['note'] }}</em>@endif</li>
                    @endforeach
                </ol>
            </section>
            <section class="dj-bay" aria-labelledby="h-build">
                <header class="bay-h"><h2 id="h-build">Goes together</h2><span class="cnt">look where it says so</span></header>
                <ol class="dj-partlist">
                    @foreach ($page->build as $part)
                        <li><span>{{ $part['name'] }}</span>@if ($part['note'])<strong>{{ $part['note'] }}</strong>@endif</li>
                    @endforeach
                </ol>
            </section>
        </div>
        @if ($page->keepDry)
            <p class="dj-hazard"><x-icons.hazard /><span><b>No cleaner on these.</b> {{ implode('; ', $page->keepDry) }}.</span></p>
        @endif
        <section class="dj-bay" aria-labelledby="h-faults">
            <header class="bay-h"><h2 id="h-faults">What goes wrong</h2><span class="cnt">{{ count($page->faults) }}</span></header>
            <ul class="dj-rows dj-families">
                @foreach ($page->faults as $fault)
                    <li><p><span>{{ $fault['name'] }}</span><small>{{ $fault['cure'] }}</small></p></li>
                @endforeach
            </ul>
        </section>
        <details class="dj-bay dj-more"><summary>Bench tests, kit and tools <small>{{ count($page->tests) }}</small></summary>
            <ul class="dj-rows dj-families">
                @foreach ($page->tests as $test)
                    <li><p><span><b>{{ $test['do'] }}</b><br>{{ $test['how'] }}</span></p></li>
                @endforeach
                <li><p><span><b>A kit has</b><br>{{ $page->has }}</span></p></li>
                <li><p><span><b>A kit usually lacks</b><br>{{ $page->lacks }}</span></p></li>
                <li><p><span><b>Tools</b><br>{{ $page->tools }}</span></p></li>
            </ul>
        </details>
        <details class="dj-bay dj-more"><summary>Checks that apply <small>{{ count($page->checks) }}</small></summary>
            <ul class="dj-rows dj-families">
                @foreach ($page->checks as $check)
                    <li><p><span><b>{{ $check['do'] }}</b><br>{{ $check['how'] }}</span></p></li>
                @endforeach
            </ul>
        </details>
        <p class="dj-fine">Orders and looks: {{ $page->provenance }}. The order of a job is the reverse of its own strip under the same rules.</p>
    </main>
</div>
</x-layout.page>
