@extends('layout.page', ['title' => $page->title, 'body' => 'pg-form'])

@section('main')
    @fragment('sign-in')
        <div id="job" class="dj-job-page">
            <header class="dj-frame">@include('frame.head', ['title' => $page->shop, 'about' => 'Bench companion'])</header>
            <main id="main" class="dj-narrow dj-signin">
                <h1>Sign in</h1>
                <div id="errors" class="dj-errors-at">@include('forms.errors', ['messages' => $errors->all()])</div>
                @if ($page->demoPeople)
                    <section class="dj-bay dj-form" aria-labelledby="h-demo">
                        <h2 id="h-demo">Demo people</h2>
                        <div class="dj-people">
                            @foreach ($page->demoPeople as $person)
                                <form method="post" action="{{ route('sign-in.store') }}">@csrf<input type="hidden"
                                        name="name" value="{{ $person['name'] }}"><input type="hidden"
                                        name="password" value="{{ $page->demoPassword }}"><button
                                        class="btn {{ $loop->first ? 'btn-primary' : 'btn-secondary' }}" type="submit"
                                        @if ($loop->first) data-next @endif>{{ $person['name'] }}<small>{{ $person['role'] }}</small></button>
                                </form>
                            @endforeach
                        </div>
                    </section>
                @endif
                <form method="post" action="{{ route('sign-in.store') }}" class="dj-bay dj-form">
                    @csrf
                    <x-forms.field name="name" label="Name" :value="(string) old('name', '')" required autocomplete="username" />
                    <x-forms.field name="password" label="Password" type="password" required
                        autocomplete="current-password" />
                    <button class="btn {{ $page->demoPeople ? 'btn-secondary' : 'btn-primary' }}" type="submit">Sign
                        in</button>
                </form>
            </main>
        </div>
    @endfragment
@endsection
