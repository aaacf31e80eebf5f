<div class="dj-head">
    @include('frame.mark')
    @isset($number)
        <div class="dj-plate"><i></i>{{ $number }}<i></i></div>
    @endisset
    <div class="dj-machine"><b>{{ $title }}</b><span>{{ $about ?? '' }}</span></div>
    @include('frame.tools')
</div>
