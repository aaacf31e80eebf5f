@props(['name'])

<figure class="dj-goodbad" aria-hidden="true"><div><svg class="dj-pic" viewBox="0 0 64 44">@include('drawings::pictures.good.' . $name)</svg><small>good</small></div><div><svg class="dj-pic" viewBox="0 0 64 44">@include('drawings::pictures.bad.' . $name)</svg><small>bad</small></div></figure>
