@if ($messages)
    <div class="dj-errors" role="alert">@include('drawings::icons.hazard')
        <ul>
            @foreach ($messages as $message)
                <li>{{ $message }}</li>
            @endforeach
        </ul>
        <button type="button" class="dj-tool" data-act="dismiss">Close</button>
    </div>
@endif
