@extends('layout.page', ['title' => $page->title, 'body' => 'pg-form'])

@section('main')
    @fragment('job')
        <div id="job" class="dj-job-page">
            <header class="dj-frame">@include('frame.head', [
                'number' => $page->number,
                'title' => $page->machine,
                'about' => 'Every entry, newest first. Nothing is changed or deleted; a strike is an entry too.',
            ])
            </header>
            <main id="main" class="dj-narrow">
                <div class="dj-titlerow">
                    <h1>Bench log</h1><a class="btn btn-secondary" href="{{ $page->sheetHref }}">Back to the sheet</a>
                </div>
                <div id="errors" class="dj-errors-at">@include('forms.errors', ['messages' => $errors->all()])</div>
                <ol class="dj-bay dj-log" reversed>
                    @foreach ($page->lines as $line)
                        <li @class(['is-struck' => $line->isSuperseded])><b class="seq">{{ $line->entry->seq }}</b><span
                                class="when"><time>{{ $line->time }}</time><small>{{ $line->day }}</small></span><span
                                class="what">{{ $line->text }}<b>{{ $line->strong }}</b>
                                @if ($line->isSuperseded)
                                    <em>no longer holds</em>
                                    @endif @if ($line->isCorrection)
                                        <em>correction</em>
                                    @endif
                                    <small>{{ $line->entry->by }}</small>
                            </span>
                            @if ($line->mayStrike)
                                @include('forms.open', [
                                    'form' => $page->form,
                                    'kind' => 'struck',
                                    'id' => 'strike-' . $line->entry->seq,
                                ])<input type="hidden"
                                        name="supersedes" value="{{ $line->entry->id }}"><button type="submit"
                                        class="btn btn-secondary"
                                        aria-label="Strike entry {{ $line->entry->seq }}">Strike</button></form>
                            @endif
                        </li>
                    @endforeach
                </ol>
                @if ($page->olderHref)
                    <p class="dj-links"><a class="btn btn-secondary" href="{{ $page->olderHref }}">Older entries</a></p>
                @endif
            </main>
        </div>
    @endfragment
@endsection
