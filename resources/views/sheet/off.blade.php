@include('forms.open', ['form' => $page->form, 'kind' => 'part_off', 'id' => 'off-' . $part->key])
    <input type="hidden" name="part" value="{{ $part->key }}">
    <button type="submit" class="dj-offkey" data-hover-part="{{ $part->on }}"
        @if ($letter !== '') data-key="{{ $letter }}" @endif><span>{{ $part->name }}
            @if ($part->caution)
                <em>{{ $part->caution }}</em>
            @endif
        </span>
        @if ($letter !== '')
            <kbd class="dj-kbd">{{ $letter }}</kbd>
        @endif
    </button>
    @if ($part->count > 1)
        <label for="count-{{ $part->key }}" class="visually-hidden">{{ $part->name }}: how many came
            off</label><input class="form-control" id="count-{{ $part->key }}" name="count" type="number"
            min="1" max="99" value="{{ $part->count }}" data-expected="{{ $part->count }}">
    @else
        <input type="hidden" name="count" value="1">
    @endif
</form>
