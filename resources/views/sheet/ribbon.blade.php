<footer class="dj-ribbon" aria-label="Bench log"><b class="lab">Bench log</b>
    <ol aria-label="Latest entries">
        @foreach ($page->ribbon as $line)
            <li @class(['now' => $loop->first, 'is-struck' => $line->isSuperseded])>
                <time>{{ $line->time }}</time><span>{{ $line->text }}<b>{{ $line->strong }}</b></span></li>
        @endforeach
    </ol>
    <a class="dj-all" href="{{ $page->form->to('log') }}">All {{ $page->form->seen }}</a>
    @unless ($page->job->isClosed)
        <a class="btn btn-secondary" href="{{ $page->form->sayAddress() }}">Say a finding</a>
        @include('sheet.camera')
    @endunless
    <button class="btn btn-secondary" type="button" data-act="note">@include('drawings::icons.plus') Note <kbd
            class="dj-kbd">L</kbd></button>
</footer>
