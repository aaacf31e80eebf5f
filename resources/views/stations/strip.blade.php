<section class="dj-bay bay-work dj-traybay" aria-labelledby="h-tray">
    <header class="bay-h"><h2 id="h-tray">Tray</h2><span class="cnt">{{ $page->work->count }}, springs {{ $page->work->springs }}</span>
        @if ($page->work->undo)
            <x-forms.entry :form="$page->form" kind="struck" id="undo-form"><input type="hidden" name="supersedes" value="{{ $page->work->undo }}"><button class="btn btn-secondary" type="submit" data-undo aria-label="Undo: {{ $page->work->undoes }}">Undo <kbd class="dj-kbd">U</kbd></button></x-forms.entry>
        @endif
    </header>
    <ol class="dj-tray" tabindex="0" aria-label="What came off, in its cells">
        @forelse ($page->work->cells as $cell)
            <li @class(['is-back' => $cell['isBack'], 'is-wrong' => $cell['isWrong'], 'is-task' => $cell['number'] === 0])><i>{{ $cell['number'] ?: '' }}@if ($cell['number'] === 0)<x-icons.tick />@endif</i><span>{{ $cell['name'] }}</span>@if ($cell['count'] !== '')<em>{{ $cell['count'] }}</em>@endif</li>
        @empty
            <li class="is-empty"><span>Empty. Each part that comes off gets the next cell.</span></li>
        @endforelse
    </ol>
    @foreach ($page->work->missing as $missing)
        <p class="dj-clear"><x-icons.drop class="is-warn" /><span>Not there: {{ $missing }}</span></p>
    @endforeach
    @if ($page->work->ended)
        <p class="dj-clear"><x-icons.tick /><span>Ended at {{ $page->work->ended }}: this is as far as it comes apart. A part may still follow.</span></p>
    @endif
    <h3 class="dj-sub">Comes off now</h3>
    <ol class="dj-steps dj-offs">
        @foreach ($page->work->ready as $part)
            <li @class(['is-next' => $part['isFirst']])><x-sheet.off :page="$page" :part="$part" :letter="$loop->iteration < 10 ? $loop->iteration : ''" /></li>
        @endforeach
    </ol>
    @if ($page->work->ifNeeded)
        <details class="dj-more"><summary>Only when there is a reason <small>{{ count($page->work->ifNeeded) }}</small></summary>
            <ol class="dj-steps">
                @foreach ($page->work->ifNeeded as $part)
                    <li><x-sheet.off :page="$page" :part="$part" letter="" /></li>
                @endforeach
            </ol>
        </details>
    @endif
    @if ($page->work->later)
        <details class="dj-more"><summary>Still behind something <small>{{ count($page->work->later) }}</small></summary>
            <ul class="dj-behind">
                @foreach ($page->work->later as $part)
                    <li>{{ $part['name'] }} <small>after {{ $part['behind'] }}</small></li>
                @endforeach
            </ul>
        </details>
    @endif
    @unless ($page->isClosed)
        @include('stations.strip-otherwise')
    @endunless
    @include('stations.photos')
</section>
