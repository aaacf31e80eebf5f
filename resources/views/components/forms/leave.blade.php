@props(['dial'])

<div class="dj-leave"><label for="leave-{{ $dial->adjuster }}" class="visually-hidden">{{ $dial->name }}, turns</label><input class="form-control" id="leave-{{ $dial->adjuster }}" name="turns" value="{{ $dial->text }}" data-turns data-source="{{ $dial->adjuster }}" autocomplete="off" spellcheck="false"><button type="submit" class="btn btn-secondary">Leave it here</button></div>
