@extends('layout.page', ['title' => 'That did not work', 'body' => 'pg-form'])

@section('main')
<main id="main" class="dj-narrow">
        <h1>That did not work</h1>
        @include('forms.errors', ['messages' => $errors->all()])
        <p class="dj-links"><a class="btn btn-secondary" href="/">To the bench board</a></p>
    </main>
@endsection
