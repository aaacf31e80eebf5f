<section class="dj-bay dj-share" aria-labelledby="h-share">
    <h2 id="h-share">For the customer</h2>
    @if ($share->address)
        <p>Whoever has this link reads the report until {{ $share->expires }}:<br><a
                href="{{ $share->address }}">{{ $share->address }}</a></p>
        <form method="post" action="{{ $share->revokeHref }}">@csrf @method('delete')<button class="btn btn-secondary"
                type="submit">Take the link back</button></form>
    @else
        <p>A link lets the customer read this report without an account, for 90 days or until you take it back.</p>
        <form method="post" action="{{ $share->makeHref }}">@csrf<button class="btn btn-secondary" type="submit">Make a
                link</button></form>
    @endif
    <p><a class="btn btn-secondary" href="{{ $share->tagHref }}">Tag with a code</a></p>
</section>
