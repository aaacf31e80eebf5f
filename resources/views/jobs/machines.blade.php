@foreach ($page->machines as $machine)
    <button type="button" data-machine="{{ json_encode($machine['fill']) }}"><b>{{ $machine['name'] }}</b><small>{{ $machine['about'] }}</small></button>
@endforeach
@if ($page->isAsked && ! $page->machines)
    <p>New here. Nothing on file begins like that.</p>
@endif
