@props(['part'])

<button type="button" @class(['dj-part', 'is-asked' => $part->isAsked]) data-part="{{ $part->key }}" aria-label="{{ trim($part->number.' '.$part->name.', '.$part->said, ' ,') }}"><i>{{ $part->number }}</i><span>{{ $part->name }}</span>
    @if ($part->mark === 'ok')
        <em class="ok"><x-icons.tick /></em>
    @elseif ($part->mark === 'stale')
        <em class="st"><x-icons.drop /></em>
    @elseif ($part->mark === 'new')
        <em class="new">new</em>
    @elseif ($part->mark === 'suspect')
        <em class="q">{{ $part->letter }}</em>
    @endif
</button>
