<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/**
 * The way along which a fit loses least while one parameter is moved: the others follow by their covariance with it.
 *
 * @internal
 */
final readonly class Ridge
{
    /**
     * @param  int  $index of the parameter moved
     * @param  array<int, float>  $covariances with it, of each that is free; the noise last
     */
    public function __construct(private int $index, private array $covariances)
    {
    }

    /** Of the parameter moved; infinite where the readings say nothing of it. */
    public function standardError(): float
    {
        $variance = $this->covariances[$this->index] ?? INF;

        return $variance > 0.0 ? sqrt($variance) : INF;
    }

    /** Where the others should be looked for once the parameter has the value; what is likely there is not known yet. */
    public function along(Fit $from, float $value): Fit
    {
        $variance = $this->covariances[$this->index] ?? 0.0;
        if ($variance <= 0.0) {
            return $from;
        }
        $share = ($value - $from->parameters[$this->index]) / $variance;
        $at = [...$from->parameters, $from->logNoise];
        foreach ($this->covariances as $i => $covariance) {
            $at[$i] += $share * $covariance;
        }
        $noise = count($at) - 1;

        return new Fit(array_slice($at, 0, $noise), $at[$noise], -INF, -INF);
    }
}
