@extends('layout.page', ['title' => 'Instruments', 'body' => 'pg-form'])

@section('main')
    <div id="job" class="dj-job-page">
        <header class="dj-frame">@include('frame.head', [
            'title' => 'Instruments',
            'about' => 'Gauges, vacuum sets and tachometers that send their readings here.',
        ])</header>
        <main id="main" class="dj-narrow">
            <div class="dj-titlerow">
                <h1>Instruments</h1><a class="btn btn-secondary" href="{{ route('board') }}">Back to the board</a>
            </div>
            <div id="errors" class="dj-errors-at">@include('forms.errors', ['messages' => $errors->all()])</div>
            @if ($page->key)
                <section class="dj-panel dj-key" role="status">
                    <h2>The key of {{ $page->key['of'] }}</h2>
                    <p><code>{{ $page->key['key'] }}</code></p>
                    <p>Copy it into the instrument now: it is shown once, and not kept.</p>
                </section>
            @endif
            <section class="dj-panel" aria-labelledby="h-new">
                <h2 id="h-new">Register one</h2>
                <form method="post" action="{{ route('instruments.store') }}" class="dj-grid">
                    @csrf
                    <x-forms.field name="name" label="Name" :value="old('name')" required maxlength="80"
                        hint="As you call it on the bench" />
                    <div class="dj-field"><label for="f-measurand">Kind</label><select class="form-select"
                            id="f-measurand" name="measurand">
                            @foreach ($page->kinds as $kind)
                                <option value="{{ $kind['value'] }}">{{ $kind['label'] }}</option>
                            @endforeach
                        </select></div>
                    <x-forms.field name="channels" label="Channels" value="1" inputmode="numeric"
                        hint="1 to 8, of a vacuum set" />
                    <button type="submit" class="btn btn-primary">Register, show its key</button>
                </form>
            </section>
            @forelse ($page->rows as $row)
                <section class="dj-panel" aria-labelledby="i-{{ $row->id }}">
                    <h2 id="i-{{ $row->id }}">{{ $row->name }}</h2>
                    <p>{{ $row->about }}</p>
                    @unless ($row->isRevoked)
                        <form method="post" action="{{ route('instruments.update', $row->id) }}" class="dj-grid">
                            @csrf
                            @method('put')
                            @foreach (['offset' => "Offset, {$row->unit}", 'span' => 'Span', 'step' => "Reads to, {$row->unit}"] as $field => $label)
                                <div class="dj-field"><label
                                        for="{{ $field }}-{{ $row->id }}">{{ $label }}</label><input
                                        class="form-control" id="{{ $field }}-{{ $row->id }}"
                                        name="{{ $field }}" value="{{ $row->$field }}" inputmode="decimal"></div>
                            @endforeach
                            <button type="submit" class="btn btn-secondary">Calibrate</button>
                        </form>
                        <form method="post" action="{{ route('instruments.destroy', $row->id) }}">
                            @csrf
                            @method('delete')
                            <button type="submit" class="btn btn-secondary">Take out of use, its key with it</button>
                        </form>
                    @endunless
                </section>
            @empty
                <p class="dj-story">None yet. Readings can always be typed, tapped or taken from a file.</p>
            @endforelse
        </main>
    </div>
@endsection
