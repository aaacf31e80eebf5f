<details class="dj-more">
    <summary>Not as expected, or far enough</summary>
    @if ($work->expected)
        @include('forms.open', [
            'form' => $page->form,
            'kind' => 'part_missing',
            'id' => 'missing-form',
            'class' => 'dj-tap',
        ])
            <div class="dj-field"><label for="missing-part">Not there</label><select class="form-select"
                    id="missing-part" name="part">
                    @foreach ($work->expected as $key => $name)
                        <option value="{{ $key }}">{{ $name }}</option>
                    @endforeach
                </select></div>
            <div class="dj-field"><label for="missing-said">What you saw instead</label><input class="form-control"
                    id="missing-said" name="said" maxlength="200" required autocomplete="off"
                    placeholder="not in it when opened"></div>
            <button class="btn btn-secondary" type="submit">Log it missing</button>
        </form>
    @endif
    @include('forms.open', [
        'form' => $page->form,
        'kind' => 'part_unexpected',
        'id' => 'unexpected-form',
        'class' => 'dj-tap',
    ])
        <div class="dj-field"><label for="unexpected-name">Something this carburetor should not have</label><input
                class="form-control" id="unexpected-name" name="name" maxlength="80" required autocomplete="off">
        </div>
        <div class="dj-field is-count"><label for="unexpected-count">How many</label><input class="form-control"
                id="unexpected-count" name="count" type="number" min="1" max="99" value="1">
        </div>
        <button class="btn btn-secondary" type="submit">Into a cell</button>
    </form>
    @unless ($work->ended)
        @include('forms.open', [
            'form' => $page->form,
            'kind' => 'strip_ended',
            'id' => 'end-form',
            'class' => 'dj-tap',
        ])
            <div class="dj-field"><label
                    for="end-reason">{{ $work->isEmpty ? 'Not taken apart, because' : 'No further, because' }}</label><input
                    class="form-control" id="end-reason" name="reason" maxlength="200" autocomplete="off"></div>
            <button class="btn btn-secondary"
                type="submit">{{ $work->isEmpty ? 'Leave it together' : 'Far enough' }}</button>
        </form>
    @endunless
</details>
