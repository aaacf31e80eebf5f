@extends('layout.page', ['title' => $page->title, 'body' => 'pg-form'])

@section('main')
    @fragment('job')
        <div id="job" class="dj-job-page">
            <header class="dj-frame">@include('frame.head', ['title' => $page->title, 'about' => $page->familyName])</header>
            <main id="main" class="dj-narrow">
                <div class="dj-titlerow">
                    <h1>{{ $page->title }}</h1><a class="btn btn-secondary" href="{{ route('jobs.create') }}">Another carburetor</a>
                </div>
                <div id="errors" class="dj-errors-at">@include('forms.errors', ['messages' => $errors->all()])</div>
                <form method="post" action="{{ route('jobs.store') }}" class="dj-bay dj-form" id="work-form">
                    @csrf
                    <input type="hidden" name="client_id" value="{{ $page->clientId }}"><input type="hidden"
                        name="family" value="{{ $page->familyId }}">
                    @if ($page->comesBackFrom)
                        <input type="hidden" name="comes_back_from" value="{{ $page->comesBackFrom }}">
                        <label class="dj-check"><input type="checkbox" name="findings[since_rebuild]" value="yes" checked>
                            <span><b>It began after that repair</b><small>What was taken apart then is suspected
                                    first</small></span></label>
                    @endif
                    <fieldset class="dj-complaints">
                        <legend>What does it do?</legend>
                        @foreach ($page->complaints as $tick)
                            <div @if (count($tick->choices) > 1) role="group" aria-label="{{ $tick->name }}" @endif>
                                @if (count($tick->choices) > 1)
                                    <b>{{ $tick->name }}</b>
                                @endif
                                @foreach ($tick->choices as $choice)
                                    <label><input type="{{ count($tick->choices) > 1 ? 'radio' : 'checkbox' }}"
                                            data-untick name="findings[{{ $tick->finding }}]"
                                            value="{{ $choice['value'] }}" @checked($choice['isChosen'])
                                            @if (count($tick->choices) > 1) aria-label="{{ $tick->name }}, {{ $choice['label'] }}" @endif>
                                        <span>{{ ucfirst($choice['label']) }}</span></label>
                                @endforeach
                            </div>
                        @endforeach
                    </fieldset>
                    <div class="dj-field"><label for="f-complaint">In the customer's words</label>
                        <textarea class="form-control" id="f-complaint" name="complaint" rows="2" maxlength="600">{{ $page->values['complaint'] }}</textarea>
                        <div class="dj-found dj-chips" role="group" aria-label="Said of such carburetors lately">
                            @foreach ($page->said as $said)
                                <button type="button" data-machine="{{ json_encode(['complaint' => $said]) }}">{{ $said }}</button>
                            @endforeach
                        </div>
                    </div>
                    @include('forms.intake-fields', [
                        'values' => $page->values,
                        'variants' => $page->variants,
                        'finds' => $page->familyId,
                        'models' => $page->models,
                    ])
                    <button type="submit" class="btn btn-primary" data-next>Open the job <kbd
                            class="dj-kbd">N</kbd></button>
                </form>
            </main>
        </div>
    @endfragment
@endsection
