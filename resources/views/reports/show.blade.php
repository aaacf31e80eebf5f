@extends('layout.page', ['title' => $page->title, 'body' => 'pg-form'])

@section('main')
    @fragment('report')
        <div id="job" class="dj-job-page">
            <header class="dj-frame">@include('frame.head', [
                'number' => $page->head->number,
                'title' => $page->head->machine,
                'about' => 'Report',
            ])</header>
            <main id="main" class="dj-narrow">
                <div id="errors"></div>
                <p class="dj-links"><a class="btn btn-secondary" href="{{ $page->sheetHref }}">Back to the sheet</a> <a
                        class="btn btn-secondary" href="{{ $page->pdfHref }}">PDF</a> <button class="btn btn-secondary"
                        type="button" data-act="print">Print</button></p>
                <article class="dj-bay dj-report">
                    @include('reports.body')
                    @if ($page->pictures->hold)
                        <h2>The last hold test</h2>
                        <div class="only-wide">@include('charts.strip', ['chart' => $page->pictures->hold, 'id' => 'report'])</div>
                        <div class="only-narrow">@include('charts.strip', ['chart' => $page->pictures->holdOnPhone, 'id' => 'phone'])</div>
                    @endif
                    @foreach ($page->pictures->runs as $run)
                        <h2>{{ $run->title }}</h2>
                        <div class="only-wide"><x-charts.mixture :chart="$run->chart" :out-is-richer="$run->outIsRicher" /></div>
                        <div class="only-narrow"><x-charts.mixture :chart="$run->onPhone" :out-is-richer="$run->outIsRicher" /></div>
                    @endforeach
                    @if ($page->pictures->photos)
                        <div class="rep-photos">
                            @foreach ($page->pictures->photos as $photo)
                                <figure><img src="{{ route('photos.show', [$page->jobId, $photo->id]) }}"
                                        alt="{{ $photo->title }}: {{ $photo->caption }}">
                                    <figcaption><b>{{ $photo->title }}.</b> {{ $photo->caption }}
                                        {{ implode('  ', $photo->pins) }}</figcaption>
                                </figure>
                            @endforeach
                        </div>
                    @endif
                </article>
                @include('reports.share', ['share' => $page->share])
            </main>
        </div>
    @endfragment
@endsection
