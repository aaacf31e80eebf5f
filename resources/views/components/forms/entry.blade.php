@props(['form', 'kind', 'action' => null])

<form method="post" action="{{ $action ?? $form->action($kind) }}" hx-post="{{ $action ?? $form->action($kind) }}"
    hx-target="#job" hx-swap="morph:outerHTML" hx-disabled-elt="find button[type=submit]" hx-sync="this:drop"
    {{ $attributes }}>
    @csrf
    <input type="hidden" name="client_id" value="{{ $form->clientId() }}">
    <input type="hidden" name="seen" value="{{ $form->seen }}">
    <input type="hidden" name="at" value="{{ $form->at }}">
    @if ($form->look !== '')
        <input type="hidden" name="look" value="{{ $form->look }}">
    @endif
    {{ $slot }}
</form>
