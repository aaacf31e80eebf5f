{{-- Fitting a part says that what it asks was looked at. --}}
@if ($part->looks)
    <input type="hidden" name="looks_asked" value="{{ count($part->looks) }}">
    @foreach ($part->looks as $look)
        <input type="hidden" name="looks[]" value="1">
        <p class="dj-guard">Look: {{ lcfirst($look) }}</p>
    @endforeach
@endif
