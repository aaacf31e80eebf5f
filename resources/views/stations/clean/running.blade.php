@foreach ($work->clocks as $clock)
    <div @class(['dj-clock', 'is-due' => $clock->isDue]) data-due="{{ $clock->due }}">
        <svg viewBox="0 0 30 40" aria-hidden="true">
            <rect class="jar" x="2" y="6" width="26" height="32" rx="3" />
            <rect class="level" x="4" y="{{ 36 - 0.28 * $clock->level }}" width="22"
                height="{{ 0.28 * $clock->level }}" />
            <path class="lid" d="M1 6H29" />
        </svg>
        <p><b>{{ $clock->name }}</b> <small>{{ $clock->what }}</small><output role="timer"
                data-left>{{ $clock->left }}</output></p>
        @include('forms.open', ['form' => $page->form, 'kind' => 'clock_ended'])<input type="hidden" name="clock"
                value="{{ $clock->id }}"><button class="btn btn-secondary" type="submit"
                aria-label="{{ $clock->name }}: end the clock">Out</button></form>
    </div>
@endforeach
