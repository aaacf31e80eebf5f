<?php

declare(strict_types=1);

namespace DustyJet\Metering;

use DustyJet\Quantity\GaugePressure;

/**
 * How many coils to cut from a metering spring for another pop-off pressure, in half coils, and what half a coil more
 * or less would give.
 *
 * The pop-off pressure is proportional to the spring's force, wetted, with the chamber at atmosphere and the diaphragm
 * off the lever; what reseats it is measured, not predicted. Not cutting at all is a school of its own: another
 * spring or another lever height does it too.
 */
final readonly class SpringCut
{
    private const HALF = 0.5;

    /** @param  SpringRefusal|null  $refused why nothing is proposed */
    private function __construct(
        public ?SpringRefusal $refused,
        public ?float $coils = null,
        public ?GaugePressure $pop = null,
        public ?GaugePressure $low = null,
        public ?GaugePressure $high = null,
    ) {
    }

    public static function toward(MeteringSpring $spring, GaugePressure $pop, GaugePressure $target): self
    {
        $refused = match (true) {
            $spring->isSolidAsInstalled() => SpringRefusal::Solid,
            $spring->preloadAfter(0.0) <= 0.0 => SpringRefusal::NoPreload,
            $target->inKilopascals() > $pop->inKilopascals() => SpringRefusal::TargetAbove,
            default => null,
        };
        if ($refused !== null) {
            return new self($refused);
        }
        $after = static fn (float $coils): float => $pop->inKilopascals() * $spring->forceAfter($coils);
        $best = 0.0;
        for ($coils = 0.0; $after($coils) > 0.0; $coils += self::HALF) {
            $isNearer = abs($after($coils) - $target->inKilopascals()) < abs($after($best) - $target->inKilopascals());
            $best = $isNearer ? $coils : $best;
        }

        return new self(
            null,
            $best,
            GaugePressure::ofKilopascals($after($best)),
            GaugePressure::ofKilopascals($after($best + self::HALF)),
            GaugePressure::ofKilopascals($after(max(0.0, $best - self::HALF))),
        );
    }
}
