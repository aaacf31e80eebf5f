@props(['dial', 'form'])

<div class="dial-box" data-dial data-units="{{ $dial->turns->units }}" data-rings="{{ count($dial->rings) }}"
    data-counted="{{ $dial->datum->counted() }}" data-counts="{{ $dial->datum->countsIn() ? 'in' : 'out' }}">
    <header class="dial-h"><span class="scr">{{ $dial->screw->letter }}</span>
        <div><b>{{ $dial->screw->name }}</b><small>{{ $dial->screw->does }}</small></div><output
            aria-live="off"><x-sheet.turns :whole="$dial->turns->whole" :fraction="$dial->turns->fraction" /></output><small
            class="out">{{ $dial->datum->short() }}</small>
    </header>
    <div @class(['dial-b', 'is-air' => $dial->in->word === 'richer'])>
        <div class="side {{ $dial->in->class }}"><em>@include('drawings::icons.turn-in')In<br>{{ $dial->in->word }}</em><button
                type="button" class="dj-turn {{ $dial->in->class }}" data-by="{{ $dial->in->sign === '+' ? 6 : -6 }}"
                aria-label="turn {{ lcfirst($dial->screw->name) }} in 1/8, {{ $dial->in->word }}"><b>{{ $dial->in->sign }}<span
                        class="fr">1/8</span></b></button><button type="button"
                class="dj-turn {{ $dial->in->class }}" data-by="{{ $dial->in->sign === '+' ? 12 : -12 }}"
                aria-label="turn {{ lcfirst($dial->screw->name) }} in 1/4, {{ $dial->in->word }}"><b>{{ $dial->in->sign }}<span
                        class="fr">1/4</span></b></button></div>
        <svg class="dial" viewBox="29 19 222 237" role="slider" tabindex="0" aria-label="{{ $dial->label }}"
            aria-valuemin="0" aria-valuemax="960" aria-valuenow="{{ $dial->turns->units }}"
            aria-valuetext="{{ $dial->valueText }}" data-face>
            @foreach ($dial->rings as $ring)
                <circle class="trk" cx="140" cy="130" r="{{ $ring['radius'] }}"
                    stroke-width="{{ $dial->ringWidth }}" />
                @if ($ring['full'])
                    <circle class="run" cx="140" cy="130" r="{{ $ring['radius'] }}"
                        stroke-width="{{ $dial->ringWidth }}" />
                @endif
                <path class="run" d="{{ $ring['path'] }}" stroke-width="{{ $dial->ringWidth }}"
                    data-ring="{{ $ring['radius'] }}" />
                <text class="rn" x="{{ round($ring['labelX'], 2) }}"
                    y="{{ round($ring['labelY'], 2) }}">{{ $ring['label'] }}</text>
            @endforeach
            @foreach ($dial->ticks as $tick)
                <path class="{{ $tick['quarter'] ? 'tq' : 'te' }}"
                    d="M{{ $tick['inner'] }}L{{ $tick['outer'] }}" />
            @endforeach
            <path class="sense {{ $dial->in->class }}" d="M122.01 243.58A115 115 0 0 1 48.16 199.21" />
            <path class="senseh {{ $dial->in->class }}" transform="translate(44.66,194.31) rotate(416)"
                d="M-3 -8L9 0L-3 8Z" />
            <path class="sense {{ $dial->out->class }}" d="M157.99 243.58A115 115 0 0 0 231.84 199.21" />
            <path class="senseh {{ $dial->out->class }}" transform="translate(235.34,194.31) rotate(124)"
                d="M-3 -8L9 0L-3 8Z" />
            <circle class="hd" cx="140" cy="130" r="52" />
            <circle class="hd2" cx="140" cy="130" r="45" />
            <g transform="rotate({{ $dial->turns->slotDegrees }} 140 130)" data-slot>
                <path class="slt" d="M140 80V180" />
                <circle class="wit" cx="140" cy="88" r="4.5" />
            </g>
            @foreach ($dial->marks as $mark)
                <x-instruments.dial-mark :mark="$mark" />
            @endforeach
        </svg>
        <div class="side {{ $dial->out->class }}">
            <em>@include('drawings::icons.turn-out')Out<br>{{ $dial->out->word }}</em><button type="button"
                class="dj-turn {{ $dial->out->class }}" data-by="{{ $dial->out->sign === '+' ? 6 : -6 }}"
                aria-label="turn {{ lcfirst($dial->screw->name) }} out 1/8, {{ $dial->out->word }}"><b>{{ $dial->out->sign }}<span
                        class="fr">1/8</span></b></button><button type="button"
                class="dj-turn {{ $dial->out->class }}" data-by="{{ $dial->out->sign === '+' ? 12 : -12 }}"
                aria-label="turn {{ lcfirst($dial->screw->name) }} out 1/4, {{ $dial->out->word }}"><b>{{ $dial->out->sign }}<span
                        class="fr">1/4</span></b></button></div>
    </div>
    {{ $slot }}
    <dl class="dial-m">
        <div>
            <dt><s class="k f">F</s>Found</dt>
            <dd>{{ $dial->screw->found }}</dd>
        </div>
        <div>
            <dt><s class="k b">B</s>Book</dt>
            <dd>{{ $dial->screw->book }}</dd>
        </div>
        <div>
            <dt><s class="k l">L</s>As left</dt>
            <dd>{{ $dial->screw->left }}</dd>
        </div>
    </dl>
</div>
