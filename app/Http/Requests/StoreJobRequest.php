<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Typed\TypedShape;
use App\Models\Job;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Worksheet\Intake\IntakeTaken;
use Illuminate\Foundation\Http\FormRequest;

/** An intake with its complaints ticked: the ticks are answers of their own, and stand in the complaint in words. */
final class StoreJobRequest extends FormRequest
{
    private const LONGEST_COMPLAINT = 1000;

    public function authorize(): bool
    {
        return $this->user()?->can('create', Job::class) === true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...$this->typed()->rules(),
            'findings' => ['array', 'max:30'],
            'findings.*' => ['nullable', 'in:yes,some,strong'],
            'complaint' => ['nullable', 'string', 'max:600', 'required_without:findings'],
            'client_id' => ['required', 'uuid'],
            'family' => ['required', 'string', 'max:40'],
            'comes_back_from' => ['nullable', 'string', 'max:20', 'exists:jobs,number'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = $this->typed()->messages();

        return [...$messages, 'complaint.required_without' => $messages['complaint.required']];
    }

    public function clientId(): string
    {
        return $this->string('client_id')->lower()->toString();
    }

    public function family(): string
    {
        return $this->string('family')->toString();
    }

    /** @return array<string, mixed> the payload of an intake entry */
    public function intake(Catalogue $catalogue): array
    {
        $ticked = array_map(
            static fn (string $finding): string => mb_strtolower($catalogue->findings[$finding]->ask ?? ''),
            array_filter(
                array_keys($this->findings()),
                static fn (string $f): bool => ($catalogue->findings[$f] ?? null)?->isComplaint() === true,
            ),
        );
        $said = [ucfirst(implode(', ', array_filter($ticked))), trim($this->string('complaint')->toString())];
        $complaint = implode('. ', array_filter($said, static fn (string $s): bool => $s !== ''));

        return [...$this->typed()->payload($this), 'complaint' => mb_substr($complaint, 0, self::LONGEST_COMPLAINT)];
    }

    /** @return array<string, string> answers to complaints, by finding */
    public function findings(): array
    {
        $said = [];
        foreach ((array) $this->input('findings', []) as $finding => $answer) {
            if (is_string($finding) && is_string($answer) && $answer !== '') {
                $said[$finding] = $answer;
            }
        }

        return $said;
    }

    /** Where the new job opens: where its suspects are, if it has any. */
    public function opensAt(): string
    {
        return $this->findings() === [] ? 'as-found' : 'intake';
    }

    private function typed(): TypedShape
    {
        return new TypedShape(IntakeTaken::shape());
    }
}
