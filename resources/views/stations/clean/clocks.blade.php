<div class="dj-clocks" id="clocks">
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
    @unless ($page->job->isClosed)
        <details class="dj-more">
            <summary>Start a clock <small>soak, bath, dry, wet</small></summary>
            <p class="dj-fine">@include('drawings::icons.hazard')Never in cleaner: {{ $work->keepDry }}.</p>
            @foreach ($work->mayStart as $clock)
                @include('forms.open', [
                    'form' => $page->form,
                    'kind' => 'clock_started',
                    'id' => 'clock-' . $clock->key,
                    'class' => 'dj-tap',
                ])
                    <input type="hidden" name="clock" value="{{ $clock->key }}">
                    <div class="dj-field"><label for="what-{{ $clock->key }}"><b>{{ $clock->name }}.</b>
                            {{ $clock->do }}</label><input class="form-control" id="what-{{ $clock->key }}"
                            name="what" maxlength="120" placeholder="what is in it" autocomplete="off"></div>
                    <div class="dj-field is-count"><label for="min-{{ $clock->key }}">Minutes</label><input
                            class="form-control" id="min-{{ $clock->key }}" name="minutes" type="number"
                            min="1" max="1440" value="{{ $clock->minutes }}"></div>
                    <button class="btn btn-secondary" type="submit"
                        aria-label="Start the clock: {{ $clock->name }}">Start</button>
                </form>
            @endforeach
        </details>
    @endunless
</div>
