{{-- What waits on this device: one line, and a list one can open. --}}
<div id="waiting" class="dj-waiting" hidden>
    <p role="status"></p>
    <button type="button" class="btn btn-secondary" hidden>Show it</button>
    <button type="button" class="btn btn-secondary" id="sent" hidden>Sent: load the sheet again</button>
    <a class="btn btn-secondary" id="sign-in-again" href="{{ route('sign-in') }}" hidden>Sign in</a>
</div>
<dialog id="outbox" class="dj-dialog dj-outbox" aria-labelledby="h-outbox">
    <h2 id="h-outbox">Kept on this device</h2>
    <ol></ol>
    <form method="dialog"><button class="btn btn-secondary">Close</button></form>
</dialog>
