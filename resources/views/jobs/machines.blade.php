@foreach ($page->machines as $machine)
    @if ($machine->fill)
        <button type="button"
            data-machine="{{ json_encode($machine->fill) }}"><b>{{ $machine->name }}</b><small>{{ $machine->about }}</small></button>
    @else
        <a href="{{ $machine->href }}"><b>{{ $machine->name }}</b><small>{{ $machine->about }}</small></a>
    @endif
@endforeach
@if ($page->isAsked && !$page->machines)
    <p>New here. Nothing on file begins like that.</p>
@endif
