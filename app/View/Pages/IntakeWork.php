<?php

declare(strict_types=1);

namespace App\View\Pages;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Worksheet;

/** The intake as taken, ready to be corrected. */
final readonly class IntakeWork
{
    /**
     * @param  array<string, string>  $values of the form
     * @param  array<string, array{name: string, look: string}>  $variants
     */
    public function __construct(public array $values, public array $variants, public ?string $supersedes, public string $fuelWarning)
    {
    }

    public static function of(Worksheet $sheet): self
    {
        $intake = $sheet->intake;

        return new self([
            'machine' => $intake->machine ?? '',
            'engine' => $intake->engine ?? '',
            'serial' => $intake->serial ?? '',
            'customer' => $intake->customer ?? '',
            'complaint' => $intake->complaint ?? '',
            'variant' => $intake->variant ?? 'fixed_main',
            'idle_sense' => $intake->idleSense->value ?? 'fuel',
            'stored_days' => (string) ($intake->storedDays ?? ''),
            'fuel_age_days' => (string) ($intake->fuelAgeDays ?? ''),
            'promised_at' => $intake?->promisedAt?->format('Y-m-d\TH:i') ?? '',
        ], $sheet->family->variants, $intake?->entryId, self::warning($intake?->fuelAgeDays));
    }

    /** @return array<string, string> an empty form */
    public static function blank(Family $family): array
    {
        return ['machine' => '', 'engine' => '', 'serial' => '', 'customer' => '', 'complaint' => '', 'variant' => array_key_first($family->variants) ?? '', 'idle_sense' => 'fuel', 'stored_days' => '', 'fuel_age_days' => '', 'promised_at' => ''];
    }

    /** 30 days fresh, 90 suspect: from memory. */
    private static function warning(?int $days): string
    {
        return match (true) {
            $days === null => '',
            $days > 90 => "Fuel is {$days} days old. Drain it and try fresh fuel before anything else. (Ninety days: from memory.)",
            $days > 30 => "Fuel is {$days} days old: no longer fresh. (Thirty days: from memory.)",
            default => '',
        };
    }
}
