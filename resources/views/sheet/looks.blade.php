<ul class="dj-looks">
    @foreach ($rows as $row)
        <li><a href="{{ $row->href }}" data-inspection="{{ $row->key }}" class="is-{{ $row->state }}" data-hover-part="{{ $row->on }}"
                @if ($row->isOpen) aria-current="true" @endif><span>{{ $row->do }}</span><small>{{ $row->said }}</small>
                @if (in_array($row->state, ['sound', 'cleaned']))
                    @include('drawings::icons.tick')
                @elseif (in_array($row->state, ['replace', 'scrap']))
                    <em>{{ $row->state === 'replace' ? 'new' : 'scrap' }}</em>
                @endif
            </a></li>
    @endforeach
</ul>
