@extends('layout.page', ['title' => $page->title, 'body' => $page->cutaway === null ? 'pg-tune' : 'pg-worksheet'])

@section('main')
    @fragment('job')
        <div id="job" class="dj-job-page" data-job="{{ $page->job->id }}"
            data-station="{{ $page->station->value }}" data-previous="{{ $page->line->previousHref }}"
            data-next-station="{{ $page->line->nextHref }}" @if ($page->plate->mustBeFresh) data-fresh @endif>
            <header class="dj-frame">
                @include('frame.head', [
                    'number' => $page->job->number,
                    'title' => $page->job->machine,
                    'about' => $page->job->about,
                    'dueLabel' => 'Promised',
                    'due' => $page->job->promised,
                ])
                @include('frame.fuel-line', ['line' => $page->line])
            </header>
            <main id="main" @class(['dj-sheet', 'sheet-tune' => $page->cutaway === null])>
                <h1 class="visually-hidden">{{ $page->title }}, {{ $page->job->machine }}</h1>
                <div id="errors" class="dj-errors-at">@include('forms.errors', ['messages' => $errors->all()])</div>
                @if ($page->clockNote !== '')
                    <p class="dj-hazard dj-clocknote" role="alert">@include('drawings::icons.hazard')<span><b>{{ $page->clockNote }}</b>
                            Set it: times in this log are wrong until then. Its order is not.</span></p>
                @endif
                @if ($page->cutaway)
                    @include('sheet.cutaway', ['state' => $page->cutaway])
                @endif
                @include($page->work->view(), ['work' => $page->work])
                @include('sheet.next', ['plate' => $page->plate])
            </main>
            @include('sheet.ribbon')
            @if ($page->plate->next?->key === 'wait')
                @include('forms.open', [
                    'form' => $page->form,
                    'kind' => 'wait_ended',
                    'id' => 'wait-form',
                    'hidden' => true,
                ])</form>
            @endif
            @include('sheet.note', ['form' => $page->form, 'station' => $page->station, 'record' => $page->record])
        </div>
    @endfragment
@endsection
