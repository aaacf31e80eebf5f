@props(['columns', 'rows'])

<details class="dj-points">
    <summary>Table of points</summary>
    <div class="scroll" tabindex="0" role="region" aria-label="Table of points">
        <table class="table">
            <thead>
                <tr>
                    @foreach ($columns as $column)
                        <th scope="col">{{ $column }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($rows as $row)
                    <tr>
                        @foreach ($row as $cell)
                            <td>{{ $cell }}</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
</details>
