<div class="dj-measure" id="m-float_level">
    <svg class="dj-measured" viewBox="0 0 320 120" role="img" aria-label="{{ $card->label }}">
        <path class="g" d="M10 96H310" />
        <g transform="rotate({{ $card->degrees }} 280 60)">
            <rect class="float" x="60" y="40" width="200" height="34" rx="10" />
            <path class="lever" d="M260 60H280" />
        </g>
        <circle class="pin" cx="280" cy="60" r="5" />
        <text class="ax" x="14" y="112">body face, carburetor inverted</text>
        <text class="ax" x="14" y="26">front</text>
        <text class="ax" text-anchor="end" x="310" y="46">hinge</text>
    </svg>
    @if ($card->says)
        <p class="dj-story" role="status"><b>{{ $card->says }}</b> {{ $card->does }}</p>
    @endif
    @include('forms.open', ['form' => $page->form, 'kind' => 'float_measured', 'id' => 'float-form'])
        @include('forms.numbers', ['numbers' => $card->numbers])
        <button type="submit" class="btn btn-secondary">Log the float</button>
    </form>
    @if ($card->tang)
        <p>{{ $card->tang }}</p>
    @endif
    @if ($card->falsePass)
        <p class="dj-story" role="alert"><b>Not proved.</b> {{ $card->falsePass }}</p>
    @endif
    @include('stations.bench-test.float-photo')
    @include('stations.bench-test.float-weight')
</div>
