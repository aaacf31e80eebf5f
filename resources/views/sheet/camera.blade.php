@include('forms.open', [
    'form' => $page->form,
    'kind' => 'photo_taken',
    'action' => $page->form->to('photos'),
    'id' => 'camera-form',
    'class' => 'dj-camera',
    'files' => true,
])
    <input type="hidden" name="station" value="{{ $page->station->value }}">
    <input class="visually-hidden" type="file" id="camera" name="photo" accept="image/jpeg,image/png,image/webp"
        capture="environment" data-camera aria-label="Take a photo">
    <label class="btn btn-secondary" for="camera">@include('drawings::icons.camera')<span class="w-only">Photo</span></label>
</form>
