<details class="dj-more dj-photos" id="photos">
    <summary>Photos and pins <small>{{ count($page->photos) }}</small></summary>
    @unless ($page->job->isClosed)
        @include('forms.open', [
            'form' => $page->form,
            'kind' => 'photo_taken',
            'action' => $page->form->to('photos'),
            'id' => 'photo-form',
            'class' => 'dj-photoform',
            'files' => true,
        ])
            <input type="hidden" name="station" value="{{ $page->station->value }}">
            <div class="dj-field"><label for="photo">Springs, links, hoses, before anything comes off</label><input
                    class="form-control" type="file" id="photo" name="photo"
                    accept="image/jpeg,image/png,image/webp" capture="environment" required></div>
            <div class="dj-field"><label for="caption">What it shows</label><input class="form-control" id="caption"
                    name="caption" maxlength="200" autocomplete="off"></div>
            <button class="btn btn-secondary" type="submit">Keep the photo</button>
        </form>
    @endunless
    @foreach ($page->photos as $photo)
        <figure id="photo-{{ $photo->id }}">
            <svg viewBox="0 0 {{ $photo->width }} {{ $photo->height }}" role="img"
                aria-label="{{ $photo->said }}" data-pinboard="{{ $photo->id }}" data-radius="{{ $photo->radius }}">
                <image href="{{ $photo->href }}" width="{{ $photo->width }}" height="{{ $photo->height }}" />
                @foreach ($photo->pins as $pin)
                    <g transform="translate({{ $pin['x'] }} {{ $pin['y'] }})">
                        <circle r="{{ $photo->radius }}" /><text font-size="{{ $photo->radius }}"
                            dy="0.36em">{{ $pin['number'] }}</text>
                    </g>
                @endforeach
            </svg>
            <figcaption>{{ $photo->caption }} <small>{{ $photo->taken }}</small></figcaption>
            <ol>
                @foreach ($photo->pins as $pin)
                    <li><span>{{ $pin['number'] }}. {{ $pin['text'] }}</span>
                        @unless ($page->job->isClosed)
                            @include('forms.open', ['form' => $page->form, 'kind' => 'struck'])<input type="hidden" name="supersedes"
                                    value="{{ $pin['entry'] }}"><button class="btn btn-secondary" type="submit"
                                    aria-label="Take pin {{ $pin['number'] }} off">Off</button></form>
                        @endunless
                    </li>
                @endforeach
            </ol>
            @unless ($page->job->isClosed)
                @include('forms.open', [
                    'form' => $page->form,
                    'kind' => 'photo_pinned',
                    'class' => 'dj-pinform',
                    'pinsOn' => $photo->id,
                ])
                    <input type="hidden" name="photo" value="{{ $photo->id }}">
                    <div class="dj-field is-wide"><label for="pin-t-{{ $photo->id }}">Tap the photo, then say what
                            is there</label><input class="form-control" id="pin-t-{{ $photo->id }}" name="text"
                            maxlength="120" required autocomplete="off"></div>
                    <button class="btn btn-secondary" type="submit">Pin it</button>
                    <details class="is-wide">
                        <summary>Place it without tapping</summary>
                        <div class="dj-grid">
                            <div class="dj-field"><label for="pin-x-{{ $photo->id }}">Across, %</label><input
                                    class="form-control" id="pin-x-{{ $photo->id }}" name="across"
                                    inputmode="decimal" value="50"></div>
                            <div class="dj-field"><label for="pin-y-{{ $photo->id }}">Down, %</label><input
                                    class="form-control" id="pin-y-{{ $photo->id }}" name="down" inputmode="decimal"
                                    value="50"></div>
                        </div>
                    </details>
                </form>
                @include('forms.open', ['form' => $page->form, 'kind' => 'struck', 'class' => 'dj-pinform'])<input type="hidden"
                        name="supersedes" value="{{ $photo->entry }}"><button class="btn btn-secondary" type="submit"
                        aria-label="Take the photo {{ $photo->caption }} off the sheet">Take it off the
                        sheet</button></form>
            @endunless
        </figure>
    @endforeach
</details>
