<section class="dj-panel" aria-labelledby="p-{{ $row->id }}">
    <h2 id="p-{{ $row->id }}">{{ $row->name }}</h2>
    <p>{{ $row->about }}</p>
    @if ($row->isRetired)
        <form method="post" action="{{ route('people.return', $row->id) }}">@csrf<button type="submit"
                class="btn btn-secondary">Works here again</button></form>
    @else
        <details class="dj-more">
            <summary>Name, role, password</summary>
            <form method="post" action="{{ route('people.update', $row->id) }}" class="dj-grid">
                @csrf
                @method('put')
                <div class="dj-field"><label for="name-{{ $row->id }}">Name</label><input class="form-control"
                        id="name-{{ $row->id }}" name="name" value="{{ $row->name }}" maxlength="80" autocomplete="off"
                        required></div>
                <div class="dj-field"><label for="role-{{ $row->id }}">Role</label><select class="form-select"
                        id="role-{{ $row->id }}" name="role">
                        @foreach ($row->roles as $role)
                            <option value="{{ $role['value'] }}" @selected($role['selected'])>{{ $role['value'] }}</option>
                        @endforeach
                    </select></div>
                <button type="submit" class="btn btn-secondary">Change</button>
            </form>
            <form method="post" action="{{ route('people.password', $row->id) }}" class="dj-grid">
                @csrf
                @method('put')
                <div class="dj-field"><label for="password-{{ $row->id }}">New password</label><input
                        class="form-control" id="password-{{ $row->id }}" name="password" type="password"
                        autocomplete="new-password" required></div>
                <button type="submit" class="btn btn-secondary">Reset it, sign {{ $row->name }} out</button>
            </form>
            <form method="post" action="{{ route('people.destroy', $row->id) }}">
                @csrf
                @method('delete')
                <button type="submit" class="btn btn-secondary">{{ $row->name }} left the shop</button>
            </form>
        </details>
        @include('people.sign-ins', ['signIns' => $row->signIns])
    @endif
</section>
