<button type="submit" class="btn btn-secondary" name="passed" value="1" aria-label="{{ $what }}: passes">
    @if ($isPassed)
        @include('drawings::icons.tick')
    @endif Passes
</button>
<button type="submit" class="btn btn-secondary" name="passed" value="0" aria-label="{{ $what }}: fails">Fails</button>
