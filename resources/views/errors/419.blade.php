@extends('layout.page', ['title' => 'The page was open too long', 'body' => 'pg-form'])

@section('main')
<main id="main" class="dj-narrow">
        <h1>The page was open too long</h1>
        <p>Load it again; nothing you logged is lost.</p>
        <p class="dj-links"><a class="btn btn-secondary" href="/">To the bench board</a></p>
    </main>
@endsection
