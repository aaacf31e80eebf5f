<section class="dj-bay bay-work dj-triage dj-split" aria-labelledby="h-intake">
    <div class="dj-now">
        <header class="bay-h">
            <h2 id="h-intake">What is likely</h2><span class="cnt">{{ $work->kind }}</span>
        </header>
        @if ($work->hasComplaint && !$page->job->isClosed)
            @include('stations.intake.check')
            @include('stations.intake.suspects')
        @endif
        @includeWhen(!$work->hasComplaint, 'stations.intake.ticks')
    </div>
    <div class="dj-later">
        @if ($work->hasComplaint && !$page->job->isClosed)
            @include('stations.intake.flows')
            @include('stations.intake.estimate')
        @endif
        @includeWhen($work->hasComplaint, 'stations.intake.ticks')
        @include('stations.intake.said')
        @include('stations.photos')
        @if ($work->fuelWarning)
            <p class="dj-clear">@include('drawings::icons.drop', ['tone' => 'is-warn'])<span>{{ $work->fuelWarning }}</span></p>
        @endif
        <details class="dj-more" @if (!$work->hasComplaint) open @endif>
            <summary>Machine and storage, as taken in</summary>
            @include('forms.open', [
                'form' => $page->form,
                'kind' => 'intake_taken',
                'id' => 'work-form',
                'class' => 'dj-form',
            ])
                <input type="hidden" name="supersedes" value="{{ $work->supersedes }}">
                <div class="dj-field"><label for="f-complaint">Complaint</label>
                    <textarea class="form-control" id="f-complaint" name="complaint" rows="2" maxlength="600"
                        required>{{ $work->values['complaint'] }}</textarea>
                </div>
                @include('forms.intake-fields', [
                    'models' => [],
                    'values' => $work->values,
                    'variants' => $work->variants,
                    'finds' => null,
                ])
                <button type="submit" class="btn btn-secondary">Log the correction</button>
            </form>
        </details>
    </div>
</section>
