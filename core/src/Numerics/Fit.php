<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/** @internal the best parameters of a curve, its noise, and how likely the readings are under them */
final readonly class Fit
{
    /** @param  list<float>  $parameters */
    public function __construct(
        public array $parameters,
        public float $logNoise,
        public float $logLikelihood,
        public float $logPosterior,
    ) {
    }

    public function noise(): float
    {
        return exp($this->logNoise);
    }

    /** Akaike's criterion with Hurvich and Tsai's small-sample term (Biometrika 76, 1989). */
    public function aicc(int $freeParameters, float $readings): float
    {
        $spare = max(1.0, $readings - $freeParameters - 1.0);

        return -2.0 * $this->logLikelihood
            + 2.0 * $freeParameters
            + (2.0 * $freeParameters * ($freeParameters + 1.0)) / $spare;
    }
}
