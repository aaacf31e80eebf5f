<p class="rep-shop">{{ $page->shop }}</p>
<h1>{{ $page->machine }}</h1>
<p class="rep-line">{{ $page->number }} · {{ $page->engine }} @if ($page->serial) · serial {{ $page->serial }} @endif @if ($page->customer) · for {{ $page->customer }} @endif</p>
<p class="rep-line">Taken in {{ $page->opened }} · {{ $page->handedBack }}</p>
<h2>What was wrong</h2><p>{{ $page->complaint }}</p>
<h2>What was measured</h2>
<table class="table"><thead><tr><th scope="col">When</th><th scope="col">Test</th><th scope="col">Result</th></tr></thead><tbody>
    @forelse ($page->tests as $test)
        <tr><td>{{ $test['when'] }}</td><td>{{ $test['what'] }}</td><td>{{ $test['result'] }}</td></tr>
    @empty
        <tr><td colspan="3">No test was taken.</td></tr>
    @endforelse
</tbody></table>
@if ($page->found)
    <h2>What was found and done</h2>
    <table class="table"><thead><tr><th scope="col">Looked at</th><th scope="col">Result</th></tr></thead><tbody>
        @foreach ($page->found as $found)
            <tr><td>{{ $found['what'] }}</td><td>{{ $found['result'] }}</td></tr>
        @endforeach
    </tbody></table>
@endif
@if ($page->parts)
    <p>Parts: @foreach ($page->parts as $part){{ $part['name'] }} ({{ $part['note'] }})@if (! $loop->last), @endif @endforeach</p>
@endif
<h2>Screws, turns out</h2>
<table class="table"><thead><tr><th scope="col">Screw</th><th scope="col">As found</th><th scope="col">As left</th></tr></thead><tbody>
    @foreach ($page->screws as $screw)
        <tr><td>{{ $screw['name'] }}</td><td>{{ $screw['found'] }}</td><td>{{ $screw['left'] }}</td></tr>
    @endforeach
</tbody></table>
<h2>Checked before it went home</h2>
<table class="table"><thead><tr><th scope="col">Check</th><th scope="col">Result</th></tr></thead><tbody>
    @foreach ($page->checks as $check)
        <tr><td>{{ $check['do'] }}</td><td>{{ $check['result'] }}</td></tr>
    @endforeach
</tbody></table>
@foreach ($page->overrides as $override)
    <p class="rep-note">{{ $override }}</p>
@endforeach
<h2>So that it stays well</h2><p>{{ $page->advice }}</p>
