<details class="dj-more" @if ($card->weight->lines) open @endif>
    <summary>Weight and arms <small>what it can shut off</small></summary>
    @foreach ($card->weight->lines as $line)
        <p @if ($card->weight->isWarning && $loop->first) role="alert" @endif>{{ $line }}</p>
    @endforeach
    @include('forms.open', ['form' => $page->form, 'kind' => 'float_weighed', 'id' => 'weigh-form'])
        @include('forms.numbers', ['numbers' => $card->weight->numbers, 'of' => 'weigh-'])
        <button type="submit" class="btn btn-secondary">Log the weight</button>
    </form>
</details>
