@props(['line', 'here', 'note'])

<nav class="dj-line" aria-label="Stations of this job">
    <svg class="dj-tank" viewBox="0 0 52 40" aria-hidden="true"><path class="k" d="M3 11Q3 6 8 6H36Q41 6 41 11V29Q41 34 36 34H8Q3 34 3 29Z"/><path class="f" d="M5 15H39V29Q39 32 36 32H8Q5 32 5 29Z"/><path class="w" d="M3 11Q3 6 8 6H36Q41 6 41 11V29Q41 34 36 34H8Q3 34 3 29Z"/><path class="w" d="M12 6V2H22V6"/><path class="f" d="M40 14H52V26H40Z"/><path class="w" d="M41 13H52M41 27H52"/></svg>
    <ol>
        @foreach ($line as $fitting)
            <li class="is-{{ $fitting->state }} {{ $fitting->hose }}"><a href="{{ $fitting->href }}" aria-label="{{ $fitting->label }}" @if ($fitting->isHere) aria-current="step" @endif><span class="hose"></span><x-frame.nut :state="$fitting->state" /><b>{{ $fitting->name }}</b><small>{{ $fitting->note }}</small></a></li>
        @endforeach
    </ol>
    <svg class="dj-eng" viewBox="0 0 52 40" aria-hidden="true"><path class="k" d="M0 14H12V26H0Z"/><path class="w" d="M0 13H12M0 27H12"/><path class="w" d="M12 9H44M12 15H44M12 21H44M12 27H44"/><path class="w" d="M18 6V30H38V6M15 6H41M28 6V1"/><path class="w" d="M18 30C14 36 16 39 20 39H36C40 39 42 36 38 30"/></svg>
</nav>
<p class="dj-here" aria-hidden="true"><b>{{ $here }}</b><small>{{ $note }}</small></p>
