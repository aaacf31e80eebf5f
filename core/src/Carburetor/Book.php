<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

use DustyJet\Mixture\School;
use DustyJet\Quantity\Turns;

/** What the book says of a screw. */
final readonly class Book
{
    /**
     * @param  Turns  $turns from its datum, to start from
     * @param  array{0: Turns, 1: Turns}|null  $range where the book has no one number, but from here to there
     * @param  Turns  $offset how far rich of the lean edge to leave it where there is no rich edge, or rich of the fastest
     * @param  Turns  $step the finest it is set
     */
    public function __construct(
        public Turns $turns,
        public ?array $range,
        public string $provenance,
        public Turns $offset,
        public School $school,
        public Turns $step,
    ) {
    }
}
