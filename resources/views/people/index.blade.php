@extends('layout.page', ['title' => 'People', 'body' => 'pg-form'])

@section('main')
    <div id="job" class="dj-job-page">
        <header class="dj-frame">@include('frame.head', [
            'title' => 'People',
            'about' => 'Who works here, what they may do, where they are signed in.',
        ])</header>
        <main id="main" class="dj-narrow">
            <div class="dj-titlerow">
                <h1>People</h1><a
                    class="btn btn-secondary" href="{{ route('people.events') }}">Security log</a>
                <a class="btn btn-secondary" href="{{ route('board') }}">Back to the board</a>
            </div>
            <div id="errors" class="dj-errors-at">@include('forms.errors', ['messages' => $errors->all()])</div>
            @if (session('said'))
                <p class="dj-story" role="status"><b>{{ session('said') }}</b></p>
            @endif
            @foreach ($page->rows as $row)
                @include('people.person')
            @endforeach
            <section class="dj-panel" aria-labelledby="h-new">
                <h2 id="h-new">Somebody new</h2>
                <form method="post" action="{{ route('people.store') }}" class="dj-grid">
                    @csrf
                    <x-forms.field name="name" label="Name" :value="old('name')" required maxlength="80" autocomplete="off"
                        hint="As it shall stand under what they log" />
                    <div class="dj-field"><label for="f-role">Role</label><select class="form-select" id="f-role"
                            name="role">
                            @foreach ($page->roles as $role)
                                <option value="{{ $role }}" @selected(old('role') === $role)>{{ $role }}</option>
                            @endforeach
                        </select></div>
                    <x-forms.field name="password" label="Password to begin with" type="password" required
                        autocomplete="new-password" hint="12 characters or more; they change it themselves" />
                    <button type="submit" class="btn btn-primary">Add</button>
                </form>
            </section>
        </main>
    </div>
@endsection
