@if ($work->said)
    <h3 class="dj-h3" id="said">Said and seen <small>{{ count($work->said) }}</small></h3>
    <ul class="dj-said">
        @foreach ($work->said as $said)
            <li @class(['is-there' => $said->isThere])><span>{{ $said->text }} <small>{{ $said->by }}</small></span>
                @if ($said->isThere && !$page->job->isClosed)
                    @include('forms.open', ['form' => $page->form, 'kind' => 'finding_noted'])<input type="hidden" name="finding"
                            value="{{ $said->finding }}"><button class="btn btn-secondary" type="submit" name="answer"
                            value="no" aria-label="Gone now: {{ $said->text }}">Gone</button></form>
                @endif
                @unless ($page->job->isClosed)
                    @include('forms.open', ['form' => $page->form, 'kind' => 'struck'])<input type="hidden" name="supersedes"
                            value="{{ $said->entry }}"><button class="btn btn-secondary" type="submit"
                            aria-label="Undo: {{ $said->text }}">Undo</button></form>
                @endunless
            </li>
        @endforeach
    </ul>
@endif
