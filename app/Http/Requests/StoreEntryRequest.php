<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use DustyJet\BenchLog\EntryKind;
use DustyJet\Carburetor\Station;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Draft;
use Illuminate\Foundation\Http\FormRequest;

/** Turns the strings of one bench log form into a draft entry. */
final class StoreEntryRequest extends FormRequest
{
    use AppendsToLog;

    public function authorize(): bool
    {
        $job = $this->route('job');
        $ability = in_array($this->kind(), [EntryKind::HandedBack, EntryKind::StaleOverridden], true) ? 'handBack' : 'append';

        return $job instanceof Job && $this->user()?->can($ability, $job) === true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $common = ['client_id' => ['required', 'uuid'], 'seen' => ['required', 'integer', 'min:0'], 'supersedes' => ['nullable', 'uuid']];

        return $common + match ($this->kind()) {
            EntryKind::IntakeTaken => StoreJobRequest::intakeRules(),
            EntryKind::NoteAdded => ['text' => ['required', 'string', 'max:2000'], 'station' => ['nullable', 'string', 'max:20']],
            EntryKind::ScrewCounted => ['adjuster' => ['required', 'string', 'max:40'], 'turns' => ['required', 'string', 'max:60']],
            EntryKind::ScrewSet => ['adjuster' => ['required', 'string', 'max:40'], 'turns' => ['required', 'string', 'max:60'], 'station' => ['required', 'in:set,run']],
            EntryKind::PartOff => ['part' => ['required', 'string', 'max:60'], 'count' => ['required', 'integer', 'min:1', 'max:99']],
            EntryKind::PartMissing => ['part' => ['required', 'string', 'max:60'], 'said' => ['required', 'string', 'max:200']],
            EntryKind::PartUnexpected => ['name' => ['required', 'string', 'max:80'], 'count' => ['required', 'integer', 'min:1', 'max:99']],
            EntryKind::StripEnded => ['reason' => ['nullable', 'string', 'max:200']],
            EntryKind::PartInspected => ['inspection' => ['required', 'string', 'max:60'], 'condition' => ['required', 'string', 'max:20'], 'reason' => ['nullable', 'string', 'max:300']],
            EntryKind::PartOn => ['part' => ['required', 'string', 'max:60'], 'count' => ['required', 'integer', 'min:1', 'max:99'], 'looks' => ['array', 'max:4']],
            EntryKind::PartAccounted => ['part' => ['required', 'string', 'max:60'], 'became' => ['required', 'string', 'max:200']],
            EntryKind::LinkNoted => ['link' => ['required', 'string', 'max:60'], 'text' => ['required', 'string', 'max:300']],
            EntryKind::TestDone => ['test' => ['required', 'string', 'max:60'], 'passed' => ['required', 'boolean'], 'note' => ['nullable', 'string', 'max:300']],
            EntryKind::CheckPromised => ['what' => ['required', 'string', 'max:200']],
            EntryKind::PromiseKept => ['promise' => ['required', 'uuid'], 'result' => ['required', 'string', 'max:200']],
            EntryKind::ClockStarted => ['clock' => ['required', 'string', 'max:40'], 'minutes' => ['required', 'integer', 'min:1', 'max:1440'], 'what' => ['nullable', 'string', 'max:120']],
            EntryKind::ClockEnded => ['clock' => ['required', 'uuid']],
            EntryKind::ThingTouched => ['thing' => ['required', 'string', 'max:40']],
            EntryKind::SchoolChosen => ['adjuster' => ['required', 'string', 'max:40'], 'school' => ['required', 'string', 'max:20']],
            EntryKind::SpeedRead => ['adjuster' => ['required', 'string', 'max:40'], 'turns' => ['required', 'string', 'max:60'], 'rpm' => ['required', 'numeric', 'min:0', 'max:25000'], 'mark' => ['nullable', 'string', 'max:40']],
            EntryKind::CheckDone => ['check' => ['required', 'string', 'max:40'], 'passed' => ['required', 'boolean'], 'rpm' => ['nullable', 'numeric', 'min:0', 'max:25000']],
            EntryKind::StaleOverridden => ['item' => ['required', 'string', 'max:60'], 'reason' => ['required', 'string', 'min:4', 'max:400']],
            EntryKind::FindingNoted => ['finding' => ['required', 'string', 'max:60'], 'answer' => ['required', 'string', 'max:20']],
            EntryKind::CheckAnswered => ['check' => ['required', 'string', 'max:60'], 'answers' => ['required', 'array', 'max:4'], 'answers.*' => ['required', 'string', 'max:20']],
            EntryKind::FaultRepaired => ['fault' => ['required', 'string', 'max:60']],
            EntryKind::FlowStepped => ['flow' => ['required', 'string', 'max:60'], 'step' => ['required', 'string', 'max:60'], 'worked' => ['required', 'boolean']],
            EntryKind::PhotoTaken => ['photo' => ['prohibited']],
            EntryKind::PhotoPinned => ['photo' => ['required', 'uuid'], 'across' => ['required', 'numeric', 'min:0', 'max:100'], 'down' => ['required', 'numeric', 'min:0', 'max:100'], 'text' => ['required', 'string', 'max:120']],
            EntryKind::HandedBack => ['advice' => ['nullable', 'string', 'max:2000']],
            EntryKind::Struck => ['reason' => ['nullable', 'string', 'max:400'], 'supersedes' => ['required', 'uuid']],
            EntryKind::HoldTested => ['trace' => ['prohibited']],
        };
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['rpm.required' => 'Type the speed the tachometer shows.', 'rpm.numeric' => 'The speed must be a number, such as 1750.', 'reason.required' => 'Give a reason: it stands in the report with your name.', 'turns.required' => 'Type the turns, such as 1 3/4.', 'said.required' => 'Say what you saw instead, such as: not there when it was opened.', 'became.required' => 'Say what became of it, such as: new one fitted.', 'result.required' => 'Say what came of it.', 'what.required' => 'Say what is to be checked later.', 'name.required' => 'Name the part as you would ask for it.'];
    }

    /** @throws \DustyJet\Rejected If the turns cannot be read. */
    public function draft(): Draft
    {
        $supersedes = $this->filled('supersedes') ? $this->string('supersedes')->lower()->toString() : null;

        return new Draft($this->kind(), $this->payload(), $supersedes);
    }

    /** Back to the station the form was on. */
    public function returnTo(Job $job): string
    {
        $station = Station::tryFrom($this->string('at')->toString());
        $screw = $this->filled('screw') ? ['screw' => $this->string('screw')->limit(40, '')->toString()] : [];

        return $this->string('at')->toString() === 'log' ? route('log.index', $job) : route('stations.show', [$job, $station->value ?? $job->station, ...$screw]);
    }

    private function kind(): EntryKind
    {
        $kind = $this->route('kind');

        return $kind instanceof EntryKind ? $kind : abort(404);
    }

    /** @return array<string, mixed> */
    private function payload(): array
    {
        if ($this->kind() === EntryKind::IntakeTaken) {
            return StoreJobRequest::payload($this);
        }
        $payload = [];
        foreach ($this->kind()->fields() as $name => $type) {
            $value = match (true) {
                in_array($name, ['across', 'down'], true) => round($this->float($name) / 100.0, 4),
                $name === 'units' => Turns::parse($this->string('turns')->toString())->inUnits(),
                $name === 'looked' => $this->looksAreTicked(),
                ! $this->filled($name) => null,
                ltrim($type, '?') === 'integer' => $this->integer($name),
                $type === 'map' => array_filter((array) $this->input($name), is_string(...)),
                ltrim($type, '?') === 'number' => $this->float($name),
                ltrim($type, '?') === 'flag' => $this->boolean($name),
                default => trim($this->string($name)->toString()),
            };
            if ($value !== null) {
                $payload[$name] = $value;
            }
        }

        return $payload;
    }

    /** Every guard of the part has a box, and each box was ticked. */
    private function looksAreTicked(): bool
    {
        $ticked = count(array_filter((array) $this->input('looks', []), static fn (mixed $v): bool => $v === '1'));

        return $ticked > 0 && $ticked >= $this->integer('looks_asked');
    }
}
