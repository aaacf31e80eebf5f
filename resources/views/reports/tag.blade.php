@extends('layout.page', ['title' => $page->title, 'body' => 'pg-form'])

@section('main')
    <div id="job" class="dj-job-page">
        <header class="dj-frame">@include('frame.head', ['number' => $page->number, 'title' => $page->machine, 'about' => 'Tag'])</header>
        <main id="main" class="dj-narrow">
            <div id="errors"></div>
            <p class="dj-links"><a class="btn btn-secondary" href="{{ $page->backHref }}">Back to the report</a> <button
                    class="btn btn-secondary" type="button" data-act="print">Print</button></p>
            <article class="dj-bay dj-report dj-jobtag">
                <div>
                    <p class="rep-shop">{{ $page->shop }}</p>
                    <h1>{{ $page->number }}</h1>
                    <h2>{{ $page->machine }}</h2>
                    <p class="rep-line">{{ $page->about }}</p>
                    <p>{{ $page->complaint }}</p>
                    <p><b>Promised:</b> {{ $page->promised }}</p>
                </div>
                <figure><svg data-qr="{{ $page->code }}" role="img" aria-label="QR code: {{ $page->codeSays }}"></svg>
                    <figcaption>{{ $page->codeSays }}</figcaption>
                </figure>
            </article>
        </main>
    </div>
    @vite('resources/js/qr.js')
@endsection
