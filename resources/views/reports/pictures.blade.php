@if ($page->pictures->photos)
    <table class="photos">
        <tr>
            @foreach ($page->pictures->photos as $photo)
                <td><img src="{{ $drawings[$photo->id]->address ?? '' }}" alt="{{ $photo->caption }}">
                    <p><b>{{ $photo->title }}.</b> {{ $photo->caption }} {{ implode('  ', $photo->pins) }}</p>
                </td>
            @endforeach
        </tr>
    </table>
@endif
@if ($page->pictures->hold)
    <div class="chart">
        <h2>The last pressure test: what the gauge showed, and where the most that may leak would run</h2>
        <img src="{{ $drawings['hold']->address }}" alt="{{ $page->pictures->hold->label }}">
    </div>
@endif
@foreach ($page->pictures->runs as $i => $run)
    <div class="chart">
        <h2>{{ $run->title }}</h2>
        <img src="{{ $drawings["run-{$i}"]->address }}" alt="{{ $run->chart->label }}">
    </div>
@endforeach
