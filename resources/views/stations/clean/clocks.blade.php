<div class="dj-clocks" id="clocks">
    @include('stations.clean.running')
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
