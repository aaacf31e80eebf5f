<details class="dj-more">
    <summary>Rebuild or replace <small>{{ $work->likely->estimate->advice }}</small></summary>
    <dl class="dj-money">
        @foreach ($work->likely->estimate->rows as $row)
            <div>
                <dt>{{ $row['name'] }}</dt>
                <dd>{{ $row['value'] }}</dd>
            </div>
        @endforeach
    </dl>
    <p class="dj-fine">Parts, minutes at the shop rate and the chance of a come-back, expected. Rates, prices and
        chances: from memory; the shop's own count more. A seized jet with a broken slot or a broken pick-up tube
        ends a body whatever this says.</p>
    @include('stations.wait')
</details>
