@if ($signIns)
    <ul class="dj-signins">
        @foreach ($signIns as $signIn)
            <li><span>{{ $signIn->said }}</span>
                @if ($signIn->isHere)
                    <b>this one</b>
                @else
                    <form method="post" action="{{ route('sign-ins.destroy', $signIn->id) }}">@csrf @method('delete')<button
                            type="submit" class="btn btn-secondary"
                            aria-label="Sign out: {{ $signIn->said }}">Sign out</button></form>
                @endif
            </li>
        @endforeach
    </ul>
@endif
