@include('forms.open', [
    'form' => $page->form,
    'kind' => 'wait_began',
    'id' => 'wait-' . $page->station->value,
    'class' => 'dj-override dj-waits',
])
    <fieldset>
        <legend>It waits for</legend>
        <label class="dj-check"><input type="radio" name="for" value="part" checked> a part</label>
        <label class="dj-check"><input type="radio" name="for" value="customer"> the customer</label>
    </fieldset>
    <label for="wait-what-{{ $page->station->value }}">Which part, or what was asked</label>
    <input class="form-control" id="wait-what-{{ $page->station->value }}" name="what" maxlength="200" required
        autocomplete="off">
    <label for="wait-until-{{ $page->station->value }}">Until, if anybody said</label>
    <div class="dj-tap"><input class="form-control" id="wait-until-{{ $page->station->value }}" name="until"
            type="date"><button type="submit" class="btn btn-secondary">Let it wait</button></div>
</form>
