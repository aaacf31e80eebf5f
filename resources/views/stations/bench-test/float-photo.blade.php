<details class="dj-more" data-sight>
    <summary>By a photo <small>two lines give the tilt</small></summary>
    <p>Carburetor inverted in the picture, seen square from the side, the float above its face. Lay one line along the body
        face and one along the float, each from the hinge to the front.</p>
    <div class="dj-field"><label for="sight-photo">Photo, stays on this device</label><input class="form-control"
            type="file" id="sight-photo" accept="image/*" data-sight-file></div>
    <svg class="dj-sightboard" viewBox="0 0 400 300" role="group" aria-label="The two lines" data-sight-board hidden>
        <image data-sight-image width="400" height="300" />
        @foreach (['face', 'float'] as $line)
            <path class="sight is-{{ $line }}" data-sight-line="{{ $line }}" d="" />
            @foreach ([1, 2] as $end)
                <g class="sightend is-{{ $line }}" tabindex="0" role="button" data-sight-end="{{ $line }}_{{ $end }}"
                    aria-label="{{ $line === 'face' ? 'Face' : 'Float' }}, {{ $end === 1 ? 'hinge end' : 'front end' }}: arrow keys move it">
                    <circle class="hit" r="22" />
                    <circle class="dot" r="7" />
                </g>
            @endforeach
        @endforeach
    </svg>
    <p class="dj-sightlegend" aria-hidden="true">
        <span><svg viewBox="0 0 44 12"><path class="is-face" d="M0 6H44" /></svg>body face</span>
        <span><svg viewBox="0 0 44 12"><path class="is-float" d="M0 6H44" /></svg>float</span>
    </p>
    @include('forms.open', ['form' => $page->form, 'kind' => 'float_sighted', 'id' => 'sight-form'])
        @foreach (['face', 'float'] as $line)
            @foreach (['x1', 'y1', 'x2', 'y2'] as $at)
                <input type="hidden" name="{{ $line }}_{{ $at }}" data-sight-at="{{ $line }}_{{ $at }}">
            @endforeach
        @endforeach
        @include('forms.numbers', ['numbers' => $card->sight, 'of' => 'sight-'])
        <button type="submit" class="btn btn-secondary" data-sight-log disabled>Log the tilt</button>
    </form>
</details>
