{{-- On paper, each to be ticked by whoever does it. --}}
<div class="chart">
    <h2>Before it stands for a season</h2>
    <table class="rows lay">
        @foreach ($page->record->layUp as $step)
            <tr>
                <td class="box"><span></span></td>
                <td>{{ $step }}</td>
            </tr>
        @endforeach
    </table>
    <p class="line">@include('reports.lay-up-rests-on')</p>
</div>
