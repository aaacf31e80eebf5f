@extends('layout.page', ['title' => 'You and this device', 'body' => 'pg-form'])

@section('main')
    <div id="job" class="dj-job-page">
        <header class="dj-frame">@include('frame.head', [
            'title' => 'You and this device',
            'about' => '',
        ])</header>
        <main id="main" class="dj-narrow">
            <div class="dj-titlerow">
                <h1>{{ $page->name }}</h1><a class="btn btn-secondary" href="{{ route('board') }}">Back to the board</a>
            </div>
            <div id="errors" class="dj-errors-at">@include('forms.errors', ['messages' => $errors->all()])</div>
            @if (session('said'))
                <p class="dj-story" role="status"><b>{{ session('said') }}</b></p>
            @endif
            <p class="dj-story">{{ ucfirst($page->role) }}. What you log here is signed with this name.</p>
            @if ($page->others)
                <section class="dj-panel" aria-labelledby="h-switch">
                    <h2 id="h-switch">Somebody else is at the bench</h2>
                    <form method="post" action="{{ route('switch') }}" class="dj-grid">
                        @csrf
                        <div class="dj-field"><label for="f-person">Who</label><select class="form-select" id="f-person"
                                name="person">
                                @foreach ($page->others as $other)
                                    <option value="{{ $other['id'] }}">{{ $other['name'] }}</option>
                                @endforeach
                            </select></div>
                        <x-forms.field name="pin" label="PIN" type="password" inputmode="numeric" required
                            autocomplete="off" />
                        <button type="submit" class="btn btn-primary">Switch</button>
                    </form>
                </section>
            @endif
            <section class="dj-panel" aria-labelledby="h-pin">
                <h2 id="h-pin">{{ $page->hasPin ? 'Your PIN' : 'A PIN of your own' }}</h2>
                <p>With it you take over a device where somebody is signed in. It is for the bench: whoever runs the shop gives the
                    password for the people's page.</p>
                <form method="post" action="{{ route('me.pin') }}" class="dj-grid">
                    @csrf
                    @method('put')
                    <div class="dj-field"><label for="pin-current">Password you have now</label><input class="form-control"
                            id="pin-current" type="password" name="current" autocomplete="current-password" required></div>
                    <div class="dj-field"><label for="pin-new">PIN, 4 to 8 digits</label><input class="form-control"
                            id="pin-new" type="password" name="pin" inputmode="numeric" autocomplete="off"
                            aria-describedby="pin-hint"><small id="pin-hint">Empty for none</small></div>
                    <button type="submit" class="btn btn-secondary">Set the PIN</button>
                </form>
            </section>
            <section class="dj-panel" aria-labelledby="h-password">
                <h2 id="h-password">Your password</h2>
                <form method="post" action="{{ route('me.password') }}" class="dj-grid">
                    @csrf
                    @method('put')
                    <x-forms.field name="current" label="Password you have now" type="password" required
                        autocomplete="current-password" />
                    <x-forms.field name="password" label="New password" type="password" required
                        autocomplete="new-password" hint="12 characters or more" />
                    <button type="submit" class="btn btn-secondary">Change it</button>
                </form>
            </section>
            <section class="dj-panel" aria-labelledby="h-devices">
                <h2 id="h-devices">Where you are signed in</h2>
                @include('people.sign-ins', ['signIns' => $page->signIns])
                <form method="post" action="{{ route('sign-out') }}">@csrf<button type="submit"
                        class="btn btn-secondary">Sign out here</button></form>
            </section>
        </main>
    </div>
@endsection
