@props(['number' => null, 'title', 'about' => '', 'dueLabel' => null, 'due' => null])

<div class="dj-head">
    @include('frame.mark')
    @if ($number)
        <div class="dj-plate"><i></i>{{ $number }}<i></i></div>
    @endif
    <div class="dj-machine"><b>{{ $title }}</b><span>{{ $about }}</span></div>
    @include('frame.tools')
</div>
