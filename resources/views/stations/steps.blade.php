<section class="dj-bay bay-work" aria-labelledby="h-steps">
    <header class="bay-h"><h2 id="h-steps">{{ $page->work->heading }}</h2><span class="cnt">{{ $page->work->count }}</span></header>
    <ol class="dj-steps">
        @foreach ($page->work->steps as $step)
            <li @class(['is-done' => $step['done'], 'is-next' => $step['isNext']])>
                <x-forms.entry :form="$page->form" :kind="$step['done'] ? 'step_undone' : 'step_done'" :id="'step-'.$step['key']">
                    <input type="hidden" name="station" value="{{ $page->work->station }}">
                    <input type="hidden" name="step" value="{{ $step['key'] }}">
                    <button type="submit" role="checkbox" aria-checked="{{ $step['done'] ? 'true' : 'false' }}" data-hover-part="{{ $step['part'] }}"><i>{{ $step['number'] }}</i><span>{{ $step['do'] }} @if ($step['caution'])<em>{{ $step['caution'] }}</em>@endif</span><small>{{ $step['at'] }}</small><u>@if ($step['done'])<x-icons.tick />@endif</u></button>
                </x-forms.entry>
            </li>
        @endforeach
    </ol>
    @includeUnless($page->station->value === 'clean', 'stations.photos')
</section>
