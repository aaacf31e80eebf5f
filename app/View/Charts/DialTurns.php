<?php

declare(strict_types=1);

namespace App\View\Charts;

use DustyJet\Quantity\Turns;

/** Where a dial stands, as it is said and as it is printed: the fraction apart from the whole. */
final readonly class DialTurns
{
    private function __construct(
        public int $units,
        public string $text,
        public string $whole,
        public string $fraction,
        public float $slotDegrees,
    ) {
    }

    /** @param  bool  $countsIn whether turning in is more */
    public static function of(Turns $turns, bool $countsIn): self
    {
        $isFraction = $turns->whole() === 0 && $turns->fraction() !== '';

        return new self(
            $turns->inUnits(),
            (string) $turns,
            $isFraction ? '' : (string) $turns->whole(),
            $turns->fraction(),
            ($countsIn ? 360.0 : -360.0) * fmod($turns->inTurns(), 1.0),
        );
    }
}
