<dialog id="note" class="dj-dialog" aria-labelledby="note-title">
    @include('forms.open', ['form' => $form, 'kind' => 'note_added', 'id' => 'note-form'])
        <h2 id="note-title">Note</h2>
        <input type="hidden" name="station" value="{{ $station->value }}">
        <label for="note-text" class="visually-hidden">Note</label>
        <textarea class="form-control" id="note-text" name="text" rows="4" maxlength="2000" required></textarea>
        <div class="acts"><button class="btn btn-secondary" type="button" data-act="close">Close</button><button
                class="btn btn-secondary" type="submit">Log the note</button></div>
    </form>
    @include('forms.open', ['form' => $form, 'kind' => 'check_promised', 'id' => 'promise-form'])
        <label for="promise-what">Or put a check off: it must be done before hand-back</label>
        <div class="dj-tap"><input class="form-control" id="promise-what" name="what" maxlength="200" required
                autocomplete="off"><button class="btn btn-secondary" type="submit">Put it off</button></div>
    </form>
    @include('sheet.record')
</dialog>
