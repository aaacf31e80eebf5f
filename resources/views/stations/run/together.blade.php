<section class="dj-bay bay-work" aria-labelledby="h-all">
    @include('stations.run.tabs')
    <header class="bay-h">
        <h2 id="h-all">All screws</h2><span class="cnt">in the order they are run</span>
    </header>
    @if ($work->order !== '')
        <p class="dj-story">{{ $work->order }}</p>
    @endif
    <ol class="dj-together">
        @foreach ($work->screws as $screw)
            <li>
                <svg class="face" viewBox="0 0 56 56" aria-hidden="true">
                    <circle class="head" cx="28" cy="28" r="22" />
                    <path class="zero" d="M28 2V8" />
                    <path class="slot" transform="rotate({{ $screw->angle }} 28 28)" d="M28 10V46" />
                    <path class="tip" transform="rotate({{ $screw->angle }} 28 28)" d="M28 8l-4 7h8Z" />
                </svg>
                <a href="{{ $screw->href }}"><b>{{ $screw->name }}</b><output>{{ $screw->now }}</output>
                    <small>{{ $screw->story }}</small></a>
                @if ($screw->dots)
                    <svg class="spark" viewBox="0 0 {{ $screw::WIDTH }} {{ $screw::HEIGHT }}" role="img"
                        aria-label="{{ $screw->name }}: rpm of {{ count($screw->dots) }} readings">
                        @if ($screw->answer !== null)
                            <path class="ans" d="M{{ $screw->answer }} 0V{{ $screw::HEIGHT }}" />
                        @endif
                        <path class="cv" d="{{ $screw->curve }}" />
                        @foreach ($screw->dots as $dot)
                            <circle class="pt" cx="{{ $dot[0] }}" cy="{{ $dot[1] }}" r="4" />
                        @endforeach
                    </svg>
                @endif
                <p class="todo dj-proposes">{{ $screw->todo }}@if ($screw->revisit !== '')
                        <b>{{ $screw->revisit }}</b>
                    @endif
                </p>
            </li>
        @endforeach
    </ol>
</section>
