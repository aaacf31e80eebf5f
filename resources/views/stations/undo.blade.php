@include('forms.open', ['form' => $page->form, 'kind' => 'struck', 'id' => 'undo-form'])
    <input type="hidden" name="supersedes" value="{{ $undo->entry }}">
    <button class="btn btn-secondary" type="submit" data-undo aria-label="Undo: {{ $undo->part }}">Undo <kbd
            class="dj-kbd">U</kbd></button>
</form>
