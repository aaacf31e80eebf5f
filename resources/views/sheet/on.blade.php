@include('forms.open', [
    'form' => $page->form,
    'kind' => 'part_on',
    'id' => 'on-' . $part->key,
    'class' => $first ? 'dj-on is-next' : 'dj-on',
])
    <input type="hidden" name="part" value="{{ $part->key }}"><input type="hidden" name="count" value="{{ $part->count }}">
    <p><i>{{ $part->cell ?: '' }}</i><span><b>{{ $part->label }}</b>
            <small>{{ $part->why }}</small></span></p>
    @include('sheet.guard')
    <button type="submit" class="btn btn-secondary" data-hover-part="{{ $part->on }}"
        aria-label="{{ $part->looks ? 'Looked, fitted' : 'Fitted' }}: {{ $part->name }}">{{ $part->looks ? 'Looked, fitted' : 'Fitted' }}</button>
</form>
