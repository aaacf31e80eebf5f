<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Photos;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** The photos of a job, oldest first, with their pins. */
final readonly class Photos implements Ledger
{
    /** @param  array<string, PhotoRecord>  $all by photo */
    private function __construct(public array $all)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function with(PhotoRecord $photo): self
    {
        return new self(array_replace($this->all, [$photo->photo => $photo]));
    }
}
