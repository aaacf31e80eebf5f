<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Variant;

/** What tells the forms of a family apart. */
final readonly class VariantChoice
{
    /** @param  list<Variant>  $variants */
    private function __construct(public string $ask, public array $variants, public bool $asksForSense)
    {
    }

    public static function of(Family $family): self
    {
        return new self($family->choose, array_values($family->variants), $family->asksForSense());
    }
}
