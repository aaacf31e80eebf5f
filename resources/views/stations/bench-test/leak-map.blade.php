<div class="dj-measure" id="m-leak_map">
    @if ($card->contradicts)
        <p class="dj-story" role="alert"><b>Contradiction.</b> {{ $card->contradicts }}</p>
    @endif
    @if ($card->rows)
        <table class="dj-ledger">
            <caption>Joints under test, likeliest first</caption>
            <thead>
                <tr>
                    <th scope="col" colspan="2">Joint</th>
                    <th scope="col">Now</th>
                    <th scope="col">Chance</th>
                    <th scope="col">Should it leak</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($card->rows as $row)
                    <tr class="is-{{ $row['state'] }}">
                        <td><i class="dj-joint">{{ $row['letter'] }}</i></td>
                        <th scope="row">{{ $row['joint'] }}</th>
                        <td>{{ $row['state'] }}</td>
                        <td>{{ $row['percent'] }} %</td>
                        <td>{{ $row['flow'] }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @else
        <p>Once a hold test leaks, its joints stand here: which test tells them apart soonest, and what each has cleared.</p>
    @endif
    @foreach ($card->groups as $group)
        <p><small>{{ $group }}. No test tells them apart yet.</small></p>
    @endforeach
    @if ($card->next)
        <p class="dj-story" role="status"><b>{{ $card->next['do'] }}.</b> {{ $card->next['why'] }}
            <small>{{ $card->next['note'] }}</small></p>
    @endif
    @include('forms.open', ['form' => $page->form, 'kind' => 'leak_isolated', 'id' => 'leak-form'])
        <div class="dj-field is-wide"><label for="f-isolation">What was done</label><select class="form-select"
                id="f-isolation" name="isolation">
                @foreach ($card->tests as $test)
                    <option value="{{ $test['value'] }}" @selected($test['isNext'])>{{ $test['label'] }}</option>
                @endforeach
            </select></div>
        <div class="dj-field"><label for="f-bubbled">Bubbles at</label><select class="form-select" id="f-bubbled"
                name="bubbled">
                <option value="">none</option>
                @foreach ($card->joints as $joint)
                    <option value="{{ $joint['value'] }}">{{ $joint['label'] }}</option>
                @endforeach
            </select></div>
        @include('forms.numbers', ['numbers' => $card->numbers])
        <button type="submit" class="btn btn-secondary" name="outcome" value="holds">It holds</button>
        <button type="submit" class="btn btn-secondary" name="outcome" value="leaks">It leaks</button>
    </form>
</div>
