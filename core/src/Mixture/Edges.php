<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/** Where speed falls off on both sides of a peak, in turns. */
final readonly class Edges
{
    /**
     * @param  float|null  $leanTurns where speed is 5 % below the peak on the lean side, inside or near the readings
     * @param  bool  $isRichMissing whether no rich edge lies within the screw's travel, so that the lean edge decided
     */
    public function __construct(
        public ?float $leanTurns = null,
        public ?float $richTurns = null,
        public bool $isRichMissing = false,
    ) {
    }
}
