<x-layout.page :title="$page->title" :body="$page->isTune ? 'pg-tune' : 'pg-worksheet'">
@fragment('job')
<div id="job" class="dj-job-page" data-previous="{{ $page->previousHref }}" data-next-station="{{ $page->nextHref }}">
    <header class="dj-frame">
        <x-frame.head :number="$page->number" :title="$page->machine" :about="$page->about" due-label="Promised" :due="$page->promised" />
        <x-frame.fuel-line :line="$page->line" :here="$page->station->number().'. '.$page->station->label()" :note="$page->hereNote" />
    </header>
    <main id="main" @class(['dj-sheet', 'sheet-tune' => $page->isTune])>
        <h1 class="visually-hidden">{{ $page->title }}, {{ $page->machine }}</h1>
        <div id="errors" class="dj-errors-at"><x-forms.errors :messages="$errors->all()" /></div>
        @includeUnless($page->isTune, 'stations.cutaway')
        @include('stations.'.$page->view)
        <x-sheet.next :page="$page" />
    </main>
    <x-sheet.ribbon :page="$page" />
    <x-sheet.note :form="$page->form" :station="$page->station" />
</div>
@endfragment
</x-layout.page>
