<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Typed\TypedShape;
use App\Models\Entry;
use App\Models\Job;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/**
 * Turns the strings of one bench log form into a draft entry; what the form holds follows from the shape of its kind.
 */
final class StoreEntryRequest extends FormRequest
{
    use AppendsToLog;
    use ReadsDecimalCommas;

    public function authorize(): bool
    {
        $job = $this->route('job');

        return $job instanceof Job && Gate::authorize('log', [$job, $this->kind(), $this->superseded($job)])->allowed();
    }

    /** The entry that this one takes back or corrects; null for none. */
    private function superseded(Job $job): ?Entry
    {
        $id = $this->input('supersedes');

        return is_string($id) && Str::isUuid($id) ? $job->entries()->find(mb_strtolower($id)) : null;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return $this->typed()->rules() + [
            ...$this->letterRules(),
            'supersedes' => [$this->kind()->isStrike() ? 'required' : 'nullable', 'uuid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->typed()->messages();
    }

    /** @throws \DustyJet\Rejected If the turns cannot be read. */
    public function draft(): Draft
    {
        $supersedes = $this->filled('supersedes') ? $this->string('supersedes')->lower()->toString() : null;

        return new Draft($this->kind(), $this->typed()->payload($this), $supersedes);
    }

    /** Back to the station the form was on. */
    public function returnTo(Job $job): string
    {
        $at = $this->input('at');
        if ($at === 'log') {
            return route('log.index', $job);
        }
        $station = is_string($at) ? Station::tryFrom($at) : null;

        return route('stations.show', [$job, $station->value ?? $job->station, ...$this->place('screw'), ...$this->place('look')]);
    }

    /** @return array<string, string> the screw or the tab that the form was on */
    private function place(string $name): array
    {
        $place = $this->input($name);

        return is_string($place) && $place !== '' ? [$name => mb_substr($place, 0, 40)] : [];
    }

    private function kind(): EntryKind
    {
        $kind = $this->route('kind');

        return $kind instanceof EntryKind ? $kind : abort(404);
    }

    private function typed(): TypedShape
    {
        return new TypedShape($this->kind()->shape());
    }
}
