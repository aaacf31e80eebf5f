<ul>
    @foreach ($sentences as $sentence)
        <li>{{ $sentence }}</li>
    @endforeach
</ul>
