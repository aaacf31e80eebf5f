@props(['state'])

<section class="dj-bay bay-cut" aria-labelledby="h-cut">
    <header class="bay-h"><h2 id="h-cut">Cutaway</h2>
        <div class="dj-keys" role="group" aria-label="Circuits shown"><button type="button" aria-pressed="true" data-circ="fuel"><s class="sw fuel"></s>Fuel</button><button type="button" aria-pressed="true" data-circ="air"><s class="sw air"></s>Air</button><button type="button" aria-pressed="true" data-circ="idle"><s class="sw mix"></s>Idle mix</button></div>
        <button type="button" class="dj-flip" data-act="float" aria-pressed="{{ $state->floatUp ? 'false' : 'true' }}"><b>{{ $state->floatUp ? 'Float up' : 'Float down' }}</b><small>{{ $state->needleClosed ? 'needle closed' : 'needle open' }}</small></button>
    </header>
    <div class="cutwrap"><x-cutaways.float-bowl :state="$state" /></div>
    @foreach ($state->parts as $part)
        <div class="dj-sel" data-sel="{{ $part->key }}" @if (! $part->isAsked) hidden @endif><i>{{ $part->number }}</i><p><b>{{ $part->name }}</b> {{ $part->said }}<br><small>{{ $part->note }}</small></p></div>
    @endforeach
    <ul class="dj-parts" id="parts">
        @foreach ($state->parts as $part)
            <li @if (! $part->isCommon) class="is-more" @endif><x-parts.chip :part="$part" /></li>
        @endforeach
        <li class="is-toggle"><button type="button" class="dj-part more" data-act="parts" aria-expanded="false"><span>All {{ count($state->parts) }} parts</span><x-icons.more /></button></li>
    </ul>
</section>
