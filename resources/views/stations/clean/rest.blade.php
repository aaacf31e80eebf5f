@include('forms.open', ['form' => $page->form, 'kind' => 'parts_sound', 'id' => 'rest-form', 'class' => 'dj-rest'])
    @foreach ($work->left as $inspection => $good)
        <input type="hidden" name="inspections[]" value="{{ $inspection }}">
    @endforeach
    <button class="btn btn-secondary" type="submit" data-key="a">Looked at all {{ count($work->left) }}: each is sound <kbd class="dj-kbd">A</kbd></button>
    <details class="dj-more">
        <summary>Which, and what is good</summary>
        <ol>
            @foreach ($work->left as $good)
                <li>{{ $good }}</li>
            @endforeach
        </ol>
    </details>
</form>
