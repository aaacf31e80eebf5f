<section class="dj-bay bay-work dj-traybay" aria-labelledby="h-tray">
    <header class="bay-h">
        <h2 id="h-tray">Tray</h2><span class="cnt">{{ $work->count }}, springs {{ $work->springs }}<span data-kept-off></span></span>
        @includeWhen($work->undo, 'stations.undo', ['undo' => $work->undo])
    </header>
    <ol class="dj-tray" tabindex="0" aria-label="What came off, in its cells">
        @forelse ($work->cells as $cell)
            <li @class([
                'is-back' => $cell['isBack'],
                'is-wrong' => $cell['isWrong'],
                'is-task' => $cell['number'] === 0,
            ])><i>{{ $cell['number'] ?: '' }}@if ($cell['number'] === 0)
                        @include('drawings::icons.tick')
                    @endif
                </i>
                <span>{{ $cell['name'] }}</span>
                @if ($cell['count'] !== '')
                    <em>{{ $cell['count'] }}</em>
                @endif
            </li>
            @empty
                <li class="is-empty"><span>Empty. Each part that comes off gets the next cell.</span></li>
            @endforelse
        </ol>
        @foreach ($work->missing as $missing)
            <p class="dj-clear">@include('drawings::icons.drop', ['tone' => 'is-warn'])<span>Not there: {{ $missing }}</span></p>
        @endforeach
        @if ($work->ended)
            <p class="dj-clear">@include('drawings::icons.tick')<span>Ended at {{ $work->ended }}: this is as far as it comes apart. A
                    part may still follow.</span></p>
        @endif
        @includeWhen(count($work->rest) > 1, 'stations.strip.rest')
        @if ($work->ready)
            <h3 class="dj-sub">Comes off now</h3>
        @endif
        <ol class="dj-steps dj-offs">
            @foreach ($work->ready as $part)
                <li @class(['is-next' => $loop->first])>@include('sheet.off', [
                    'letter' => $loop->iteration < 10 ? $loop->iteration : '',
                ])
                </li>
            @endforeach
        </ol>
        @if ($work->ifNeeded)
            <details class="dj-more">
                <summary>Only when there is a reason <small>{{ count($work->ifNeeded) }}</small></summary>
                <ol class="dj-steps">
                    @foreach ($work->ifNeeded as $part)
                        <li>@include('sheet.off', ['letter' => ''])</li>
                    @endforeach
                </ol>
            </details>
        @endif
        @if ($work->later)
            <details class="dj-more">
                <summary>Still behind something <small>{{ count($work->later) }}</small></summary>
                <ul class="dj-behind">
                    @foreach ($work->later as $part)
                        <li>{{ $part['part']->name }} <small>after {{ $part['first'] }}</small></li>
                    @endforeach
                </ul>
                {{-- For a device without a line: each comes forward when what is before it is off. --}}
                <ol hidden>
                    @foreach ($work->later as $part)
                        <li data-behind="{{ $part['behind'] }}" hidden>
                            @include('sheet.off', ['part' => $part['part'], 'letter' => ''])</li>
                    @endforeach
                </ol>
            </details>
        @endif
        @unless ($page->job->isClosed)
            @include('stations.strip.otherwise')
        @endunless
        @include('stations.photos')
    </section>
