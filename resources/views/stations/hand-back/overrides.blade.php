@foreach ($work->stale as $item)
    @include('forms.open', [
        'form' => $page->form,
        'kind' => 'stale_overridden',
        'id' => 'override-' . $loop->index,
        'class' => 'dj-override',
    ])
        <input type="hidden" name="item" value="{{ $item->key }}">
        <p><b>{{ $item->what }}</b> is to be re-checked: {{ lcfirst($item->because) }}.</p>
        <label for="reason-{{ $loop->index }}">Or override, with your reason</label>
        <div class="dj-tap"><input class="form-control" id="reason-{{ $loop->index }}" name="reason"
                minlength="4" maxlength="400" required><button type="submit"
                class="btn btn-secondary">Override</button></div>
    </form>
@endforeach
