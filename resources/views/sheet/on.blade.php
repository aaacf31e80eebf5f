@include('forms.open', [
    'form' => $page->form,
    'kind' => 'part_on',
    'id' => 'on-' . $part->key,
    'class' => $first ? 'dj-on is-next' : 'dj-on',
])
    <input type="hidden" name="part" value="{{ $part->key }}"><input type="hidden" name="count"
        value="{{ $part->count }}"><input type="hidden" name="looks_asked" value="{{ count($part->looks) }}">
    <p><i>{{ $part->cell ?: '' }}</i><span><b>{{ $part->label }}</b>
            <small>{{ $part->why }}</small></span></p>
    @foreach ($part->looks as $look)
        <label class="dj-check"><input type="checkbox" name="looks[]" value="1" required data-look>
            <span>{{ $look }}</span>
            @if ($first)
                <kbd class="dj-kbd">Y</kbd>
            @endif
        </label>
    @endforeach
    <button type="submit" class="btn btn-secondary" data-hover-part="{{ $part->on }}"
        aria-label="Fitted: {{ $part->name }}">Fitted</button>
</form>
