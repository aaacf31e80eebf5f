@include('forms.open', [
    'form' => $page->form,
    'kind' => 'parts_on',
    'id' => 'rest-form',
    'class' => 'dj-on is-next is-run',
])
    @foreach ($work->run as $part)
        @for ($i = 0; $i < $part->count; $i++)
            <input type="hidden" name="parts[]" value="{{ $part->key }}">
        @endfor
    @endforeach
    <ol>
        @foreach ($work->run as $part)
            <li data-hover-part="{{ $part->on }}"><p><i>{{ $part->cell ?: '' }}</i><span><b>{{ $part->label }}</b>
                        <small>{{ $part->why }}</small></span></p>
                @include('sheet.guard')
            </li>
        @endforeach
    </ol>
    <button type="submit" class="btn btn-secondary" data-key="a">{{ count($work->run) === 2 ? 'Both' : 'All ' . count($work->run) }} fitted</button>
</form>
