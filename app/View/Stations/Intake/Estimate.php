<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use App\View\Numbers;
use DustyJet\Diagnosis\Costs;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\RebuildOrReplace;

/** Rebuild or replace, in money. */
final readonly class Estimate
{
    /** @param  list<array{name: string, value: string}>  $rows */
    private function __construct(public array $rows, public string $advice)
    {
    }

    public static function of(Diagnosis $diagnosis, Costs $costs, bool $isCondemned): self
    {
        $estimate = RebuildOrReplace::of($diagnosis, $costs, isCondemned: $isCondemned);
        $replace = 'Replace, at '.Numbers::money($estimate->carburetorCents);

        return new self([
            ['name' => 'Rebuild', 'value' => Numbers::money($estimate->rebuildCents)],
            ['name' => $replace, 'value' => Numbers::money($estimate->replaceCents)],
            ['name' => 'Same cost if a new one is', 'value' => Numbers::money($estimate->breakEvenCents)],
            ['name' => 'Body beyond a kit', 'value' => (int) round(100.0 * $estimate->bodyIsScrap).' %'],
        ], self::advice($estimate));
    }

    private static function advice(RebuildOrReplace $estimate): string
    {
        $percent = (int) round(100.0 * $estimate->inCarburetor);

        return match (true) {
            $estimate->inCarburetor < 0.5 => "Neither yet: the carburetor is at fault with {$percent} % only.",
            $estimate->favorsReplacing() => 'Replacing is expected to cost less.',
            default => 'Rebuilding is expected to cost less.',
        };
    }
}
