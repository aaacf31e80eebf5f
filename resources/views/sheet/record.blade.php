@include('forms.open', ['form' => $form, 'kind' => 'note_added', 'id' => 'fact-form', 'class' => 'dj-record'])
    <h2>For the record</h2>
    <input type="hidden" name="station" value="{{ $station->value }}">
    <div class="dj-field"><label for="fact">What</label><select class="form-select" id="fact" name="fact"
            data-examples="fact-text">
            @if ($record->here)
                <optgroup label="At this station">
                    @foreach ($record->here as $fact)
                        <option value="{{ $fact['value'] }}" data-example="{{ $fact['example'] }}">{{ $fact['title'] }}
                        </option>
                    @endforeach
                </optgroup>
            @endif
            <optgroup label="Elsewhere">
                @foreach ($record->elsewhere as $fact)
                    <option value="{{ $fact['value'] }}" data-example="{{ $fact['example'] }}">{{ $fact['title'] }}
                    </option>
                @endforeach
            </optgroup>
        </select></div>
    <label for="fact-text" class="visually-hidden">In words</label>
    <div class="dj-tap"><input class="form-control" id="fact-text" name="text" maxlength="300" required
            autocomplete="off"
            placeholder="{{ $record->here[0]['example'] ?? $record->elsewhere[0]['example'] }}"><button
            class="btn btn-secondary" type="submit">Note it</button></div>
    @if ($record->noted)
        <dl>
            @foreach ($record->noted as $noted)
                <div>
                    <dt>{{ $noted['title'] }}</dt>
                    <dd>{{ $noted['text'] }} @if ($noted['follows'])
                            <small>{{ $noted['follows'] }}</small>
                        @endif
                    </dd>
                </div>
            @endforeach
        </dl>
    @endif
</form>
