@extends('layout.page', ['title' => 'Something broke', 'body' => 'pg-form'])

@section('main')
<main id="main" class="dj-narrow">
        <h1>Something broke</h1>
        <p>Nothing was stored half. Load the page again; if it stays, tell whoever keeps this program.</p>
        <p class="dj-links"><a class="btn btn-secondary" href="/">To the bench board</a></p>
    </main>
@endsection
