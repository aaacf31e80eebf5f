<div class="dj-twice">
    <section class="dj-bay" aria-labelledby="h-strip">
        <header class="bay-h">
            <h2 id="h-strip">Comes apart</h2>
            <span class="cnt">{{ count($page->order->strip) }} parts, {{ $page->order->springs }} springs</span>
        </header>
        <ol class="dj-partlist">
            @foreach ($page->order->strip as $part)
                <li><span>{{ $part['name'] }} @if ($part['spring'])
                            <small>spring</small>
                        @endif
                    </span>
                    @if ($part['note'])
                        <em>{{ $part['note'] }}</em>
                    @endif
                </li>
            @endforeach
        </ol>
    </section>
    <section class="dj-bay" aria-labelledby="h-build">
        <header class="bay-h">
            <h2 id="h-build">Goes together</h2><span class="cnt">look where it says so</span>
        </header>
        <ol class="dj-partlist">
            @foreach ($page->order->build as $part)
                <li><span>{{ $part['name'] }}</span>
                    @if ($part['note'])
                        <strong>{{ $part['note'] }}</strong>
                    @endif
                </li>
            @endforeach
        </ol>
    </section>
</div>
