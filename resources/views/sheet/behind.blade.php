{{-- In the place of the next move where a sheet is old, as the device finds out. --}}
<div class="dj-old" role="status">
    <h2>Wait for the server</h2>
    <p class="do">Nothing is proposed from an old sheet</p>
    <p class="why">What was logged <span data-since>meanwhile</span> is not weighed here. Before an engine is started or
        revved, know that nothing leaks. If in doubt, stop it. What you read can be logged.</p>
</div>
