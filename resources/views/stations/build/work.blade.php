<section class="dj-bay bay-work dj-buildbay" aria-labelledby="h-build">
    <header class="bay-h">
        <h2 id="h-build">Back together</h2><span class="cnt">{{ $work->count }}</span>
        @includeWhen($work->undo, 'stations.undo', ['undo' => $work->undo])
    </header>
    @if ($work->note)
        <p class="dj-story"><b>{{ $work->note }}</b></p>
    @endif
    @if (count($work->run) === 1)
        @include('sheet.on', ['part' => $work->run[0], 'first' => true])
    @elseif ($work->run)
        @include('stations.build.run')
    @endif
    @foreach ($work->stacks as $stack)
        @include('sheet.stack')
    @endforeach
    @if ($work->also)
        <h3 class="dj-sub">May go in now by itself</h3>
        @foreach ($work->also as $part)
            @include('sheet.on', ['first' => false])
        @endforeach
    @endif
    @if ($work->leftOver)
        <h3 class="dj-sub" id="left-over">Left over</h3>
        @foreach ($work->leftOver as $left)
            @include('forms.open', [
                'form' => $page->form,
                'kind' => 'part_accounted',
                'id' => 'account-' . $left['part'],
                'class' => 'dj-tap',
            ])
                <input type="hidden" name="part" value="{{ $left['part'] }}">
                <div class="dj-field"><label for="became-{{ $left['part'] }}"><b>{{ $left['name'] }}.</b>
                        {{ $left['left'] }} What became of it?</label><input class="form-control"
                        id="became-{{ $left['part'] }}" name="became" maxlength="200" required autocomplete="off"
                        placeholder="new one fitted"></div>
                <button class="btn btn-secondary" type="submit">Account for it</button>
            </form>
        @endforeach
    @endif
    @if ($work->later)
        <details class="dj-more">
            <summary>Waiting for another <small>{{ count($work->later) }}</small></summary>
            <ul class="dj-behind">
                @foreach ($work->later as $part)
                    <li>{{ $part['name'] }} <small>cell {{ $part['cell'] }}, after {{ $part['first'] }}</small>
                    </li>
                @endforeach
            </ul>
        </details>
    @endif
    @if ($work->placed)
        <details class="dj-more">
            <summary>Already back <small>{{ count($work->placed) }}</small></summary>
            <ul class="dj-behind">
                @foreach ($work->placed as $name)
                    <li>{{ $name }}</li>
                @endforeach
            </ul>
        </details>
    @endif
    @include('stations.photos')
</section>
