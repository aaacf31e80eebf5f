<section class="dj-bay bay-work dj-buildbay" aria-labelledby="h-build">
    <header class="bay-h"><h2 id="h-build">Back together</h2><span class="cnt">{{ $page->work->count }}</span>
        @if ($page->work->undo)
            <x-forms.entry :form="$page->form" kind="struck" id="undo-form"><input type="hidden" name="supersedes" value="{{ $page->work->undo }}"><button class="btn btn-secondary" type="submit" data-undo aria-label="Undo: {{ $page->work->undoes }}">Undo <kbd class="dj-kbd">U</kbd></button></x-forms.entry>
        @endif
    </header>
    @if ($page->work->note)
        <p class="dj-story"><b>{{ $page->work->note }}</b></p>
    @endif
    @if ($page->work->next)
        <x-sheet.on :page="$page" :part="$page->work->next" first />
    @endif
    @foreach ($page->work->stacks as $stack)
        <x-sheet.stack :stack="$stack" />
    @endforeach
    @if ($page->work->also)
        <h3 class="dj-sub">May go in now as well</h3>
        @foreach ($page->work->also as $part)
            <x-sheet.on :page="$page" :part="$part" />
        @endforeach
    @endif
    @if ($page->work->leftOver)
        <h3 class="dj-sub" id="left-over">Left over</h3>
        @foreach ($page->work->leftOver as $left)
            <x-forms.entry :form="$page->form" kind="part_accounted" :id="'account-'.$left['part']" class="dj-tap">
                <input type="hidden" name="part" value="{{ $left['part'] }}">
                <div class="dj-field"><label for="became-{{ $left['part'] }}"><b>{{ $left['name'] }}.</b> {{ $left['left'] }} What became of it?</label><input class="form-control" id="became-{{ $left['part'] }}" name="became" maxlength="200" required autocomplete="off" placeholder="new one fitted"></div>
                <button class="btn btn-secondary" type="submit">Account for it</button>
            </x-forms.entry>
        @endforeach
    @endif
    @if ($page->work->later)
        <details class="dj-more"><summary>Waiting for another <small>{{ count($page->work->later) }}</small></summary>
            <ul class="dj-behind">
                @foreach ($page->work->later as $part)
                    <li>{{ $part['name'] }} <small>cell {{ $part['cell'] }}, after {{ $part['first'] }}</small></li>
                @endforeach
            </ul>
        </details>
    @endif
    @if ($page->work->placed)
        <details class="dj-more"><summary>Already back <small>{{ count($page->work->placed) }}</small></summary>
            <ul class="dj-behind">
                @foreach ($page->work->placed as $name)
                    <li>{{ $name }}</li>
                @endforeach
            </ul>
        </details>
    @endif
    @include('stations.photos')
</section>
