<svg class="dj-pic" viewBox="0 0 64 44" aria-hidden="true">@include('drawings::pictures.variants.' . $name)</svg>
