{{-- The beginning of an entry's form: where it goes, how much of the log its author has seen, an id of its own. --}}
<form method="post" action="{{ $action ?? $form->action($kind) }}" hx-post="{{ $action ?? $form->action($kind) }}"
    hx-target="#job" hx-swap="morph:outerHTML" hx-disabled-elt="find button[type=submit]" hx-sync="this:drop"
    @isset($id) id="{{ $id }}" @endisset @isset($class) class="{{ $class }}" @endisset
    @isset($files) enctype="multipart/form-data" hx-encoding="multipart/form-data" @endisset
    @isset($pinsOn) data-pinform="{{ $pinsOn }}" @endisset @isset($hidden) hidden @endisset>
    @csrf
    <input type="hidden" name="written_by" value="{{ auth()->id() }}">
    <input type="hidden" name="client_id" value="{{ $form->clientId() }}">
    <input type="hidden" name="seen" value="{{ $form->seen }}">
    <input type="hidden" name="at" value="{{ $form->at }}">
    @if ($form->look !== '')
        <input type="hidden" name="look" value="{{ $form->look }}">
    @endif
