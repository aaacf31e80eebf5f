@extends('layout.page', ['title' => 'Nothing here', 'body' => 'pg-form'])

@section('main')
<main id="main" class="dj-narrow">
        <h1>Nothing here</h1>
        <p>The page or job is not there.</p>
        <p class="dj-links"><a class="btn btn-secondary" href="/">To the bench board</a></p>
    </main>
@endsection
