@extends('layout.page', ['title' => $page->title, 'body' => 'pg-board'])

@section('main')
    @fragment('board')
        <div id="job" class="dj-job-page">
            <header class="dj-frame">@include('frame.head', [
                'title' => 'Bench board',
                'about' => $page->today,
                'dueLabel' => 'Hand work next',
                'due' => $page->handWork,
            ])</header>
            <main id="main" class="dj-sheet sheet-board">
                <h1 class="visually-hidden">Bench board</h1>
                <div id="errors" class="dj-errors-at">@include('forms.errors', ['messages' => $errors->all()])</div>
                <section class="dj-bay bay-hands" aria-labelledby="h-hands">
                    <header class="bay-h">
                        <h2 id="h-hands">Needs hands</h2><span class="cnt">soonest promised first</span><a
                            class="btn btn-secondary" href="{{ route('library.index') }}">Library</a>@if ($page->givesKeys)<a
                            class="btn btn-secondary" href="{{ route('instruments.index') }}">Instruments</a><a
                            class="btn btn-secondary" href="{{ route('people.index') }}">People</a>@endif<a
                            class="btn btn-secondary new" href="{{ route('jobs.create') }}" data-intake>@include('drawings::icons.plus')
                            Intake <kbd class="dj-kbd">I</kbd></a>
                    </header>
                    @forelse ($page->jobs as $job)
                        @if ($loop->first)
                            <x-board.hero :job="$job" />
                            <ol class="dj-jobs">
                            @else
                                <x-board.row :job="$job" />
                        @endif
                        @if ($loop->last)
                            </ol>
                        @endif
                    @empty
                        <p class="dj-story"><b>The bench is clear.</b> Open the first job with Intake.</p>
                    @endforelse
                </section>
                <div class="bay-side">
                    <section class="dj-bay" aria-labelledby="h-recheck">
                        <header class="bay-h">
                            <h2 id="h-recheck">Re-check</h2><span class="cnt">{{ count($page->rechecks) }}</span>
                        </header>
                        @forelse ($page->rechecks as $job)
                            <a class="dj-wait" href="{{ $job->href }}"><span class="no">{{ $job->number }}</span><span>
                                    <b>{{ $job->machine }}</b>
                                    <small>{{ $job->stale }}</small>
                                </span>@include('drawings::icons.drop')</a>
                        @empty
                            <p class="dj-story">Nothing to re-check.</p>
                        @endforelse
                    </section>
                    @includeWhen($page->waiting !== [], 'board.waiting')
                    <section class="dj-bay" aria-labelledby="h-back">
                        <header class="bay-h">
                            <h2 id="h-back">Handed back</h2><span
                                class="cnt">{{ count($page->handedBack) }}</span>
                        </header>
                        @forelse ($page->handedBack as $job)
                            <a class="dj-wait" href="{{ $job->reportHref }}"><span
                                    class="no">{{ $job->number }}</span><span><b>{{ $job->machine }}</b><small>{{
                                        $job->handedBack }}</small></span>@include('drawings::icons.tick', ['tone' => 'is-tick'])</a>
                        @empty
                            <p class="dj-story">None yet.</p>
                        @endforelse
                    </section>
                    @include('board.job-file')
                </div>
            </main>
            <footer class="dj-ribbon" aria-label="Bench log"><b class="lab">Bench log</b>
                <ol aria-label="Latest entries">
                    @foreach ($page->ribbon as $line)
                        <li @class(['now' => $loop->first])><time>{{ $line->time }}</time><span>{{ $line->number }}
                                {{ $line->text }}<b>{{ $line->strong }}</b></span></li>
                    @endforeach
                </ol>
            </footer>
        </div>
    @endfragment
@endsection
