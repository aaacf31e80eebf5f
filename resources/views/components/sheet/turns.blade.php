@props(['whole', 'fraction'])

<span class="dj-turns"><span data-whole>{{ $whole }}</span><span class="sp"> </span><span class="fr"
        data-fraction>{{ $fraction }}</span></span>
