<?php

declare(strict_types=1);

namespace DustyJet\Metering;

/**
 * The helical spring under a metering lever: k = G d^4 / (8 D^3 N) (Shigley, Mechanical Engineering Design, ch. 10).
 *
 * What opens the inlet needle is proportional to the spring's force as installed, so G cancels where springs cut from
 * one another are compared. Lengths in millimetres, coils counted in coils of wire.
 */
final readonly class MeteringSpring
{
    private const MOST_MILLIMETRES = 200.0;

    private const MOST_COILS = 200.0;

    /**
     * @param  float  $coil mean diameter
     *
     * @throws UnusableSpring If no such spring can be wound; the message names the number.
     */
    public function __construct(
        private float $wire,
        private float $coil,
        private float $activeCoils,
        private float $free,
        private float $installed,
        private SpringEnds $ends = SpringEnds::Squared,
        private SpringMaterial $material = SpringMaterial::MusicWire,
    ) {
        $lengths = ['wire' => $wire, 'coil' => $coil, 'free length' => $free, 'installed length' => $installed];
        foreach ($lengths as $name => $length) {
            ($length > 0.0 && $length <= self::MOST_MILLIMETRES)
                || throw UnusableSpring::number($name, $length, 'mm', 'more than 0 and at most 200');
        }
        ($activeCoils >= 1.0 && $activeCoils <= self::MOST_COILS)
            || throw UnusableSpring::number('number of active coils', $activeCoils, '', 'from 1 to 200');
        $coil > 2.0 * $wire || throw UnusableSpring::number('coil', $coil, 'mm', 'over twice the wire');
        $free >= $this->solid() || throw UnusableSpring::number('free length', $free, 'mm', 'the length of its own wire, or more');
    }

    public function rateNewtonsPerMetre(): float
    {
        $modulus = $this->material->shearModulusPascals($this->wire);

        return $modulus * ($this->wire / 1000.0) ** 4 / (8.0 * ($this->coil / 1000.0) ** 3 * $this->activeCoils);
    }

    /** With all its coils touching, in millimetres. */
    private function solid(): float
    {
        return $this->wire * ($this->activeCoils + $this->ends->deadLength());
    }

    public function isSolidAsInstalled(): bool
    {
        return $this->installed <= $this->solid();
    }

    /** How far it is pressed together as installed, after coils were cut from its tip, in millimetres. */
    public function preloadAfter(float $cutCoils): float
    {
        $pitch = ($this->free - $this->ends->deadLength() * $this->wire) / $this->activeCoils;

        return $this->free
            - $this->wire * min($cutCoils, $this->ends->deadAtTip())
            - $pitch * $this->lost($cutCoils)
            - $this->installed;
    }

    /** Its force as installed after a cut, against the force before; 0 where no preload is left. */
    public function forceAfter(float $cutCoils): float
    {
        $left = $this->activeCoils - $this->lost($cutCoils);

        return $left <= 0.0
            ? 0.0
            : max(0.0, $this->activeCoils / $left * $this->preloadAfter($cutCoils) / $this->preloadAfter(0.0));
    }

    /** Active coils gone: of squared ends the first coil cut carried nothing. */
    private function lost(float $cutCoils): float
    {
        return max(0.0, $cutCoils - $this->ends->deadAtTip());
    }
}
