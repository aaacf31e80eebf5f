@if ($page->record->facts)
    <h2>For the record</h2>
    <table class="table">
        <tbody>
            @foreach ($page->record->facts as $fact)
                <tr>
                    <th scope="row">{{ $fact['what'] }}</th>
                    <td>{{ $fact['text'] }}@if ($fact['follows'])
                            <br>{{ $fact['follows'] }}
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@if ($page->tests->measured)
    <h2>Every measurement, for whoever repairs it next</h2>
    <table class="table">
        <thead>
            <tr>
                <th scope="col">When</th>
                <th scope="col">Test</th>
                <th scope="col">Result</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($page->tests->measured as $test)
                <tr>
                    <td>{{ $test['when'] }}</td>
                    <td>{{ $test['what'] }}</td>
                    <td>{{ $test['result'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
