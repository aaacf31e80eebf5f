@extends('layout.page', ['title' => $page->title, 'body' => 'pg-form'])

@section('main')
    @fragment('job')
        <div id="job" class="dj-job-page">
            <header class="dj-frame">@include('frame.head', [
                'title' => 'New job',
                'about' => 'First the carburetor: it says what comes apart and in which order.',
            ])</header>
            <main id="main" class="dj-narrow">
                <div class="dj-titlerow">
                    <h1>Which carburetor?</h1><a class="btn btn-secondary" href="{{ route('board') }}">Back to the
                        board</a>
                </div>
                <div id="errors" class="dj-errors-at">@include('forms.errors', ['messages' => $errors->all()])</div>
                <section class="dj-bay dj-form" aria-label="A machine that was here"><x-forms.field name="machine"
                        label="Was it here before?" autocomplete="off" maxlength="60"
                        hint="Name, serial number or owner" :hx-get="route('machines.index')" hx-trigger="input changed delay:250ms"
                        hx-target="#found" hx-swap="innerHTML" />
                    <div id="found" class="dj-found" aria-live="polite"></div>
                </section>
                <x-library.identify :page="$page" open="Open a job with it">Or choose it</x-library.identify>
            </main>
        </div>
    @endfragment
@endsection
