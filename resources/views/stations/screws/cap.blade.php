<details class="dj-more">
    <summary>Limiter cap <small>{{ $work->cap->said }}</small></summary>
    <p class="dj-story">Sealed or capped: turn it to both stops and count. It starts in the middle and stays within.
        Emission-limited settings are the maker's and the law's; local rules decide.</p>
    @include('forms.open', ['form' => $page->form, 'kind' => 'screw_capped', 'id' => 'cap-form', 'class' => 'dj-tap'])
        <input type="hidden" name="adjuster" value="{{ $work->dial->screw->key }}"><input type="hidden" name="screw"
            value="{{ $work->dial->screw->key }}">
        <div class="dj-field"><label for="cap-from">From, turns out</label><input class="form-control" id="cap-from"
                name="from_turns" value="{{ $work->cap->from }}" placeholder="3/4" autocomplete="off" required></div>
        <div class="dj-field"><label for="cap-to">To, turns out</label><input class="form-control" id="cap-to"
                name="to_turns" value="{{ $work->cap->to }}" placeholder="1 1/4" autocomplete="off" required></div>
        <button type="submit" class="btn btn-secondary">Log the cap</button>
    </form>
</details>
