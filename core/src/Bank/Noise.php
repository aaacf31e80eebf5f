<?php

declare(strict_types=1);

namespace DustyJet\Bank;

/** How far a reading of this bank may be off: its scatter between blips, pooled, and the step of the gauge. */
final readonly class Noise
{
    /** What a needle swings between blips before anybody has seen it, and how many readings that is worth. From memory. */
    private const SUPPOSED_INHG = 0.15;

    private const SUPPOSED_READINGS = 4;

    private function __construct(private float $variance, private float $stepInhg)
    {
    }

    public static function of(Bank $bank): self
    {
        $squares = self::SUPPOSED_READINGS * self::SUPPOSED_INHG ** 2;
        $freedom = self::SUPPOSED_READINGS;
        foreach ($bank->readings as $reading) {
            foreach ($bank->carburetors as $carburetor) {
                $squares += $reading->scatter($carburetor);
                $freedom += count($reading->vacuum[$carburetor]) - 1;
            }
        }

        return new self($squares / $freedom, $bank->stepInhg);
    }

    /** Variance of a carburetor less the reference, inHg squared: u^2 = SE^2 + R^2/12 of each. */
    public function ofGap(Reading $reading, string $carburetor, string $reference): float
    {
        $u2 = fn (string $c): float => $this->variance / count($reading->vacuum[$c]) + $this->stepInhg ** 2 / 12.0;

        return $u2($carburetor) + $u2($reference);
    }
}
