<div class="dj-tools">
    @isset($due)
        <div class="dj-due"><span>{{ $dueLabel }}</span><b>{{ $due }}</b></div>
    @endisset
    @auth
        <form class="dj-due dj-tech" method="post" action="{{ route('sign-out') }}">@csrf<span>At the
                bench</span><b>{{ auth()->user()->name }}</b><button class="dj-out"
                aria-label="Sign out {{ auth()->user()->name }}">Sign out</button></form>
    @endauth
    @auth
        <a class="dj-tool" href="{{ route('me') }}"
            aria-label="You and this device, {{ auth()->user()->name }}">@include('drawings::icons.person')</a>
    @endauth
    <button class="dj-tool" type="button" data-act="theme"
        aria-label="Switch between day shop and night garage">@include('drawings::icons.moon')<span data-theme-name>Night
            garage</span></button>
</div>
