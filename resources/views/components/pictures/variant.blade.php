@props(['name'])

<svg class="dj-pic" viewBox="0 0 64 44" aria-hidden="true"><x-dynamic-component :component="'pictures.variants.'.$name" /></svg>
