<x-layout.page :title="$page->title" :body="$page->cutaway === null ? 'pg-tune' : 'pg-worksheet'">
    @fragment('job')
        <div id="job" class="dj-job-page" data-previous="{{ $page->line->previousHref }}"
            data-next-station="{{ $page->line->nextHref }}">
            <header class="dj-frame">
                <x-frame.head :number="$page->job->number" :title="$page->job->machine" :about="$page->job->about" due-label="Promised"
                    :due="$page->job->promised" />
                @include('frame.fuel-line', ['line' => $page->line])
            </header>
            <main id="main" @class(['dj-sheet', 'sheet-tune' => $page->cutaway === null])>
                <h1 class="visually-hidden">{{ $page->title }}, {{ $page->job->machine }}</h1>
                <div id="errors" class="dj-errors-at"><x-forms.errors :messages="$errors->all()" /></div>
                @if ($page->cutaway)
                    <x-sheet.cutaway :state="$page->cutaway" />
                @endif
                @include($page->work->view(), ['work' => $page->work])
                <x-sheet.next :plate="$page->plate" />
            </main>
            <x-sheet.ribbon :page="$page" />
            @if ($page->plate->next?->key === 'wait')
                <x-forms.entry :form="$page->form" kind="wait_ended" id="wait-form" hidden />
            @endif
            <x-sheet.note :form="$page->form" :station="$page->station" />
        </div>
    @endfragment
</x-layout.page>
