<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Date;

final class StoreJobRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Job::class) === true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return self::intakeRules() + ['client_id' => ['required', 'uuid'], 'family' => ['required', 'string', 'max:40']];
    }

    /** @return array<string, list<string>> */
    public static function intakeRules(): array
    {
        return [
            'machine' => ['required', 'string', 'max:120'],
            'engine' => ['required', 'string', 'max:120'],
            'serial' => ['nullable', 'string', 'max:60'],
            'customer' => ['nullable', 'string', 'max:120'],
            'findings' => ['array', 'max:30'],
            'findings.*' => ['nullable', 'in:yes,some,strong'],
            'complaint' => ['nullable', 'string', 'max:600', 'required_without:findings'],
            'variant' => ['required', 'string', 'max:40'],
            'idle_sense' => ['nullable', 'in:fuel,air'],
            'stored_days' => ['nullable', 'integer', 'min:0', 'max:20000'],
            'fuel_age_days' => ['nullable', 'integer', 'min:0', 'max:20000'],
            'promised_at' => ['nullable', 'date', 'after:2000-01-01', 'before:2100-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['complaint.required_without' => 'Tick a complaint, or write it in the customer\'s words.', 'machine.required' => 'Name the machine, as the customer would.', 'engine.required' => 'Say which engine it is.'];
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
    public function intake(): array
    {
        $words = array_map(fn (string $finding): string => mb_strtolower($this->catalogue()->findings[$finding]->ask ?? ''), array_keys($this->findings()));
        $payload = self::payload($this);
        $said = is_string($payload['complaint'] ?? null) ? $payload['complaint'] : '';
        $payload['complaint'] = mb_substr(implode('. ', array_filter([ucfirst(implode(', ', array_filter($words))), $said], static fn (string $s): bool => $s !== '')), 0, 1000);

        return $payload;
    }

    /** @return array<string, string> answers to complaints, by finding */
    public function findings(): array
    {
        return array_filter((array) $this->input('findings', []), static fn (mixed $v, mixed $k): bool => is_string($v) && $v !== '' && is_string($k), ARRAY_FILTER_USE_BOTH);
    }

    /** Where the new job opens: where its suspects are, if it has any. */
    public function opensAt(): string
    {
        return $this->findings() === [] ? 'as-found' : 'intake';
    }

    private function catalogue(): Catalogue
    {
        return app(Catalogue::class);
    }

    /** @return array<string, mixed> */
    public static function payload(FormRequest $request): array
    {
        $text = static fn (string $name): ?string => $request->filled($name) ? trim($request->string($name)->toString()) : null;
        $days = static fn (string $name): ?int => $request->filled($name) ? $request->integer($name) : null;

        return array_filter([
            'machine' => $text('machine'),
            'engine' => $text('engine'),
            'serial' => $text('serial'),
            'customer' => $text('customer'),
            'complaint' => $text('complaint'),
            'variant' => $text('variant'),
            'idle_sense' => $text('idle_sense') ?? 'fuel',
            'stored_days' => $days('stored_days'),
            'fuel_age_days' => $days('fuel_age_days'),
            'promised_at' => $request->filled('promised_at') ? Date::parse($request->string('promised_at')->toString())->utc()->format(DATE_ATOM) : null,
        ], static fn (mixed $v): bool => $v !== null);
    }
}
