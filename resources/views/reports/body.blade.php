<p class="rep-shop">
    {{ $page->head->shop }}</p>
<h1>{{ $page->head->machine }}</h1>
<p class="rep-line">{{ $page->head->number }} · {{ $page->head->engine }} @if ($page->head->serial)
        · serial {{ $page->head->serial }}
        @endif @if ($page->head->customer)
            · for {{ $page->head->customer }}
        @endif
</p>
<p class="rep-line">Taken in {{ $page->head->opened }} · {{ $page->head->handedBack }}</p>
<h2>What was wrong</h2>
<p>{{ $page->head->complaint }}</p>
@include('reports.work')
<h2>Screws</h2>
<table class="table">
    <thead>
        <tr>
            <th scope="col">Screw</th>
            <th scope="col">As found</th>
            <th scope="col">As left</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($page->screws as $screw)
            <tr>
                <td>{{ $screw->name }}, {{ $screw->counted }}</td>
                <td>{{ $screw->found }}</td>
                <td>{{ $screw->left }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
<h2>Checked before it went home</h2>
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
