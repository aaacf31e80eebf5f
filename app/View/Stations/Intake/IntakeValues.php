<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Worksheet;

/** What the fields of an intake form hold. */
final readonly class IntakeValues
{
    /** @return array<string, string> an empty form */
    public static function blank(Family $family): array
    {
        return [
            'machine' => '',
            'engine' => '',
            'serial' => '',
            'customer' => '',
            'complaint' => '',
            'variant' => array_key_first($family->variants),
            'idle_sense' => 'fuel',
            'stored_days' => '',
            'fuel_age_days' => '',
            'promised_at' => '',
        ];
    }

    /** @return array<string, string> the intake as it was taken */
    public static function of(Worksheet $sheet): array
    {
        $intake = $sheet->intake;

        return $intake === null ? self::blank($sheet->family) : [
            'machine' => $intake->machine,
            'engine' => $intake->engine,
            'serial' => $intake->serial ?? '',
            'customer' => $intake->customer ?? '',
            'complaint' => $intake->complaint,
            'variant' => $sheet->variant(),
            'idle_sense' => $intake->idleSense->value,
            'stored_days' => (string) ($intake->storedDays ?? ''),
            'fuel_age_days' => (string) ($intake->fuelAgeDays ?? ''),
            'promised_at' => $intake->promisedAt?->format('Y-m-d\TH:i') ?? '',
        ];
    }
}
