@props(['dial'])

<div class="dj-leave"><label for="leave-{{ $dial->screw->key }}" class="visually-hidden">{{ $dial->screw->name }},
        turns</label><input class="form-control" id="leave-{{ $dial->screw->key }}" name="turns"
        value="{{ $dial->turns->text }}" data-turns data-source="{{ $dial->screw->key }}" autocomplete="off"
        spellcheck="false"><button type="submit" class="btn btn-secondary">Leave it here</button></div>
