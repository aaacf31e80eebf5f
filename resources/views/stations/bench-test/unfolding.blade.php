<details class="dj-more dj-how">
    <summary>How it comes out <small>equation, ±, source</small></summary>
    <dl>
        <div>
            <dt>Equation</dt>
            <dd>{{ $how->equation }}</dd>
        </div>
        <div>
            <dt>Here</dt>
            <dd>{{ $how->numbers }}</dd>
        </div>
        <div>
            <dt>Trust</dt>
            <dd>{{ $how->uncertainty }}</dd>
        </div>
        <div>
            <dt>Source</dt>
            <dd>{{ $how->source }}</dd>
        </div>
    </dl>
</details>
