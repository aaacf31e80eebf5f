@extends('layout.page', ['title' => 'Not yours to do', 'body' => 'pg-form'])

@section('main')
<main id="main" class="dj-narrow">
        <h1>Not yours to do</h1>
        <p>{{ $exception->getMessage() === 'This action is unauthorized.' ? 'Ask a technician or the owner.' : $exception->getMessage() }}</p>
        <p class="dj-links"><a class="btn btn-secondary" href="/">To the bench board</a></p>
    </main>
@endsection
