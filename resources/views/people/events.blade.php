@extends('layout.page', ['title' => 'Security log', 'body' => 'pg-form'])

@section('main')
    <div id="job" class="dj-job-page">
        <header class="dj-frame">@include('frame.head', [
            'title' => 'Security log',
            'about' => 'Who came in, who was refused, who changed what others may do.',
        ])</header>
        <main id="main" class="dj-narrow">
            <div class="dj-titlerow">
                <h1>Security log</h1><a
                    class="btn btn-secondary" href="{{ route('people.index') }}">People</a>
            </div>
            <div id="errors" class="dj-errors-at">@include('forms.errors', ['messages' => $errors->all()])</div>
            @if (session('said'))
                <p class="dj-story" role="status"><b>{{ session('said') }}</b></p>
            @endif
            <div class="dj-wide" tabindex="0" role="region" aria-label="Security log">
                <table class="table dj-events">
                    <thead>
                        <tr>
                            <th scope="col">When</th>
                            <th scope="col">What</th>
                            <th scope="col">Who</th>
                            <th scope="col">Of whom or what</th>
                            <th scope="col">From</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($page->rows as $row)
                            <tr>
                                <td>{{ $row['at'] }}</td>
                                <th scope="row">{{ $row['what'] }}</th>
                                <td>{{ $row['who'] }}</td>
                                <td>{{ $row['about'] }}</td>
                                <td>{{ $row['from'] }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
            @if ($page->olderHref)
                <a class="btn btn-secondary" href="{{ $page->olderHref }}">Older</a>
            @endif
        </main>
    </div>
@endsection
