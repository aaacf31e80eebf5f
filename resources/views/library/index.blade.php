@extends('layout.page', ['title' => $page->title, 'body' => 'pg-form'])

@section('main')
    <div id="job" class="dj-job-page">
        <header class="dj-frame">@include('frame.head', [
            'title' => 'Library',
            'about' => 'Thirteen families: how they come apart, go together and go wrong.',
        ])</header>
        <main id="main" class="dj-narrow">
            <div class="dj-titlerow">
                <h1>Library</h1><a class="btn btn-secondary" href="{{ route('board') }}">Back to the board</a>
            </div>
            <x-library.identify :page="$page" open="Open its sheet">Families</x-library.identify>
        </main>
    </div>
@endsection
