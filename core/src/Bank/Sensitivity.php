<?php

declare(strict_types=1);

namespace DustyJet\Bank;

/**
 * What is known of one screw: how far its carburetor is from the reference now, and how far a turn moves that.
 *
 * Opening one plate lowers its own vacuum and raises the others' by the speed: so the gap to the reference is what
 * counts. A straight line of the gap over the turns of the screw through all its readings, by weighted least squares,
 * older ones counting less because the others moved since.
 */
final readonly class Sensitivity
{
    /** It is believed from so many standard errors on. */
    private const TRUSTED = 3.0;

    /** What a reading still counts after each move that followed. From memory. */
    private const REMEMBERED = 0.9;

    /**
     * @param  float  $gap inHg above the reference, now
     * @param  float  $u of that
     * @param  float|null  $inhgPerTurn null before the screw has moved
     */
    private function __construct(
        public float $gap,
        public float $u,
        public ?float $inhgPerTurn,
        private float $standardError,
    ) {
    }

    public static function of(Bank $bank, Noise $noise, string $carburetor): self
    {
        // Sums over turns still to go until now: x is how far the screw stood from where it is.
        [$w, $wx, $wxx, $wy, $wxy] = [0.0, 0.0, 0.0, 0.0, 0.0];
        $x = 0.0;
        $counts = 1.0;
        foreach (array_reverse($bank->readings) as $reading) {
            $weight = $counts / $noise->ofGap($reading, $carburetor, $bank->reference);
            $y = $reading->mean($carburetor) - $reading->mean($bank->reference);
            $w += $weight;
            $wx += $weight * $x;
            $wxx += $weight * $x * $x;
            $wy += $weight * $y;
            $wxy += $weight * $x * $y;
            $x -= $reading->after?->carburetor === $carburetor ? $reading->after->turns : 0.0;
            $counts *= $reading->after === null ? 1.0 : self::REMEMBERED;
        }
        $spread = $w * $wxx - $wx * $wx;
        if ($spread <= 1e-12 * $w * $w) {
            return new self($wy / $w, sqrt(1.0 / $w), null, INF);
        }

        return new self(
            ($wxx * $wy - $wx * $wxy) / $spread,
            sqrt($wxx / $spread),
            ($w * $wxy - $wx * $wy) / $spread,
            sqrt($w / $spread),
        );
    }

    public function isTrusted(): bool
    {
        return $this->inhgPerTurn !== null && abs($this->inhgPerTurn) > self::TRUSTED * $this->standardError;
    }

    public function hasMoved(): bool
    {
        return $this->inhgPerTurn !== null;
    }
}
