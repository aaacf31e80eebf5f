<nav class="dj-line" aria-label="Stations of this job">
    <svg class="dj-tank" viewBox="0 0 52 40" aria-hidden="true">
        <path class="k" d="M3 11Q3 6 8 6H36Q41 6 41 11V29Q41 34 36 34H8Q3 34 3 29Z" />
        <path class="f" d="M5 15H39V29Q39 32 36 32H8Q5 32 5 29Z" />
        <path class="w" d="M3 11Q3 6 8 6H36Q41 6 41 11V29Q41 34 36 34H8Q3 34 3 29Z" />
        <path class="w" d="M12 6V2H22V6" />
        <path class="f" d="M40 14H52V26H40Z" />
        <path class="w" d="M41 13H52M41 27H52" />
    </svg>
    <ol>
        @foreach ($line->fittings as $fitting)
            <li class="is-{{ $fitting->state }} {{ $fitting->hose }}"><a href="{{ $fitting->href }}"
                    aria-label="{{ $fitting->label }}"
                    @if ($fitting->isHere) aria-current="step" @endif><span class="hose"></span>
                    @if ($fitting->state === 'here')
                        <svg class="nut here" viewBox="0 0 56 40" aria-hidden="true">
                            <path class="b" d="M2 10H8V30H2Z" />
                            <path class="b" d="M8 4H21V36H8Z" />
                            <path class="l" d="M8 13H21M8 27H21" />
                            <path class="o" d="M35 4H48V36H35Z" />
                            <path class="o" d="M48 10H54V30H48Z" />
                            <path class="l" d="M35 13H48M35 27H48" />
                            <path class="f" d="M21 13H26Q31 20 26 27H21Z" />
                        </svg>
                    @elseif ($fitting->state === 'done')
                        <svg class="nut" viewBox="0 0 44 40" aria-hidden="true">
                            <path class="b" d="M4 10H10V30H4ZM34 10H40V30H34Z" />
                            <path class="b" d="M10 4H34V36H10Z" />
                            <path class="l" d="M10 13H34M10 27H34" />
                            <path class="t" d="M16 20.500L20.500 25L28.500 15" />
                        </svg>
                    @elseif ($fitting->state === 'stale')
                        <svg class="nut stale" viewBox="0 0 44 40" aria-hidden="true">
                            <path class="o" d="M4 10H10V30H4ZM34 10H40V30H34Z" />
                            <path class="o" d="M10 4H34V36H10Z" />
                            <path class="hx" d="M10 12L18 4M10 20L26 4M10 28L34 4M10 36L34 12M18 36L34 20M26 36L34 28" />
                            <path class="d"
                                d="M39 29C43 35 44.500 37 44.500 39A3.800 3.800 0 0 1 36.900 39C36.900 37 37 35 39 29Z" />
                        </svg>
                    @else
                        <svg class="nut todo" viewBox="0 0 44 40" aria-hidden="true">
                            <path class="o" d="M4 10H10V30H4ZM34 10H40V30H34Z" />
                            <path class="o" d="M10 4H34V36H10Z" />
                            <path class="l" d="M10 13H34M10 27H34" />
                        </svg>
                    @endif
                    <b>{{ $fitting->name }}</b><i>{{ $fitting->shortly }}</i><small>{{ $fitting->note }}</small></a></li>
        @endforeach
    </ol>
    <svg class="dj-eng" viewBox="0 0 52 40" aria-hidden="true">
        <path class="k" d="M0 14H12V26H0Z" />
        <path class="w" d="M0 13H12M0 27H12" />
        <path class="w" d="M12 9H44M12 15H44M12 21H44M12 27H44" />
        <path class="w" d="M18 6V30H38V6M15 6H41M28 6V1" />
        <path class="w" d="M18 30C14 36 16 39 20 39H36C40 39 42 36 38 30" />
    </svg>
</nav>
<p class="dj-here" aria-hidden="true"><b>{{ $line->here }}</b><small>{{ $line->note }}</small></p>
