@extends('layout.page', ['title' => 'Too many tries', 'body' => 'pg-form'])

@section('main')
<main id="main" class="dj-narrow">
        <h1>Too many tries</h1>
        <p>Wait a minute, then sign in again.</p>
        <p class="dj-links"><a class="btn btn-secondary" href="/">To the bench board</a></p>
    </main>
@endsection
