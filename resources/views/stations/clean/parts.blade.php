<details class="dj-more">
    <summary>Parts list <small>{{ count($work->needed) }} to get</small></summary>
    <ul class="dj-behind">
        @forelse ($work->needed as $part)
            <li><b>{{ $part->name }}</b>
                <small>{{ $part->isInKit ? 'in the usual kit' : 'not in the usual kit' }};
                    {{ $part->isFitted ? 'fitted' : lcfirst($part->reason) }}</small>
                @if (!$part->isFitted && $part->inspection !== null)
                    @include('forms.open', [
                        'form' => $page->form,
                        'kind' => 'part_inspected',
                        'id' => 'fitted-' . $part->inspection,
                    ])
                        <input type="hidden" name="inspection" value="{{ $part->inspection }}"><button
                            class="btn btn-secondary" name="condition" value="renewed" type="submit">It is in<span
                                class="visually-hidden">: {{ $part->name }}</span></button>
                    </form>
                @endif
            </li>
        @empty
            <li>Nothing yet: a verdict of <i>new part</i> writes it here.</li>
        @endforelse
    </ul>
    <p class="dj-fine">A kit usually lacks: {{ implode(', ', $work->lacks) }}. Tools:
        {{ implode(', ', $work->tools) }}.</p>
    @include('stations.wait')
</details>
