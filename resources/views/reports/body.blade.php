<p class="rep-shop">{{ $page->head->shop }}</p>
<h1>{{ $page->head->machine }}</h1>
<p class="rep-line">{{ $page->head->number }} · {{ $page->head->engine }} @if ($page->head->serial)
        · serial {{ $page->head->serial }}
        @endif @if ($page->head->customer)
            · for {{ $page->head->customer }}
        @endif
</p>
<p class="rep-line">Taken in {{ $page->head->opened }} · {{ $page->head->handedBack }}</p>
<h2>What you told us</h2>
<p>{{ $page->head->complaint }}</p>
<h2>What was wrong, and how we know</h2>
<ul>
    @foreach ($page->story->wrong as $sentence)
        <li>{{ $sentence }}</li>
    @endforeach
</ul>
@if ($page->story->done)
    <h2>What was done</h2>
    <ul>
        @foreach ($page->story->done as $sentence)
            <li>{{ $sentence }}</li>
        @endforeach
    </ul>
@endif
@if ($page->pairs)
    <h2>Before and after</h2>
    <table class="table">
        <thead>
            <tr>
                <td></td>
                <th scope="col">As it came</th>
                <th scope="col">As it goes</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($page->pairs as $pair)
                <tr>
                    <th scope="row">{{ $pair->what }}</th>
                    <td>{{ $pair->before }}</td>
                    <td>{{ $pair->after }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
<h2>Proved before it goes home</h2>
<table class="table">
    <thead>
        <tr>
            <th scope="col">Check</th>
            <th scope="col">Result</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($page->tests->checks as $check)
            <tr>
                <td>{{ $check['do'] }}</td>
                <td>{{ $check['result'] }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
@foreach ($page->tests->overrides as $override)
    <p class="rep-note">{{ $override }}</p>
@endforeach
<h2>So that it stays well</h2>
<p>{{ $page->advice }}</p>
@foreach ($page->record->advice as $advice)
    <p><b>{{ $advice['what'] }}:</b> {{ $advice['text'] }}</p>
@endforeach
<h2>Before it stands for a season</h2>
<ol class="rep-lay">
    @foreach ($page->record->layUp as $step)
        <li>{{ $step }}</li>
    @endforeach
</ol>
<p class="rep-note">@include('reports.lay-up-rests-on')</p>
@include('reports.work')
