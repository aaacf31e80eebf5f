@include('forms.open', ['form' => $page->form, 'kind' => 'parts_off', 'id' => 'rest-form', 'class' => 'dj-rest'])
    @foreach ($work->rest as $part)
        @for ($i = 0; $i < max(1, $part->count); $i++)
            <input type="hidden" name="parts[]" value="{{ $part->key }}">
        @endfor
    @endforeach
    <button class="btn btn-secondary" type="submit" data-key="a">
        {{ $work->isEmpty ? 'All' : 'The other' }} {{ count($work->rest) }} came off as listed <kbd class="dj-kbd">A</kbd>
    </button>
    <details class="dj-more">
        <summary>Which, and in what order</summary>
        <ol>
            @foreach ($work->rest as $part)
                <li>{{ $part->name }}{{ $part->count > 1 ? ", {$part->count}" : '' }}
                    @if ($part->caution)
                        <small>{{ $part->caution }}</small>
                    @endif
                </li>
            @endforeach
        </ol>
    </details>
</form>
