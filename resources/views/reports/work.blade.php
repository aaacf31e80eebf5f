<h2>What was measured</h2>
<table class="table">
    <thead>
        <tr>
            <th scope="col">When</th>
            <th scope="col">Test</th>
            <th scope="col">Result</th>
        </tr>
    </thead>
    <tbody>
        @forelse ($page->tests->measured as $test)
            <tr>
                <td>{{ $test['when'] }}</td>
                <td>{{ $test['what'] }}</td>
                <td>{{ $test['result'] }}</td>
            </tr>
        @empty
            <tr>
                <td colspan="3">No test was taken.</td>
            </tr>
        @endforelse
    </tbody>
</table>
@if ($page->work->found)
    <h2>What was found and done</h2>
    <table class="table">
        <thead>
            <tr>
                <th scope="col">Looked at</th>
                <th scope="col">Result</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($page->work->found as $found)
                <tr>
                    <td>{{ $found['what'] }}</td>
                    <td>{{ $found['result'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@if ($page->work->parts)
    <p>Parts: {{ implode(', ', $page->work->parts) }}</p>
@endif
