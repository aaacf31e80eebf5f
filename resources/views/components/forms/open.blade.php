{{-- The beginning of an entry's form, where a list prints many: cheaper than the component, and the same. --}}
<form method="post" action="{{ $form->action($kind) }}" hx-post="{{ $form->action($kind) }}" hx-target="#job"
    hx-swap="morph:outerHTML" hx-disabled-elt="find button[type=submit]" hx-sync="this:drop"
    @isset($id) id="{{ $id }}" @endisset>
    @csrf
    <input type="hidden" name="client_id" value="{{ $form->clientId() }}">
    <input type="hidden" name="seen" value="{{ $form->seen }}">
    <input type="hidden" name="at" value="{{ $form->at }}">
    @if ($form->look !== '')
        <input type="hidden" name="look" value="{{ $form->look }}">
    @endif
