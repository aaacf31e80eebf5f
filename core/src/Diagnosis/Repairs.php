<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * What the repairs of a machine take: the cure of each fault, and one strip that cures many.
 *
 * One strip with a clean and a kit cures what lies inside the carburetor except its body.
 *
 * @internal
 */
final readonly class Repairs
{
    /** Its number in a plan, where a fault has its place. */
    public const KIT = -2;

    /**
     * @param  list<float>  $minutes of each cure, with the try after it
     * @param  list<int>  $needs access bits of each cure
     * @param  float  $kitMinutes with its access and the try
     * @param  list<bool>  $inKit by fault
     * @param  float  $lastResort minutes when nothing of the plan was it
     */
    private function __construct(
        public array $minutes,
        public array $needs,
        public float $kitMinutes,
        public array $inKit,
        public float $lastResort,
    ) {
    }

    public static function of(Hypotheses $hypotheses, Costs $costs, OpenBench $bench): self
    {
        $faults = array_values($hypotheses->faultsById);

        return new self(
            array_map(static fn (Fault $f): float => $f->cure->minutes + $costs->verifyMinutes, $faults),
            array_map(static fn (Fault $f): int => $bench->bits($f->cure->access), $faults),
            $costs->rebuildMinutes + $costs->verifyMinutes,
            array_map(static fn (Fault $f): bool => ! $f->isOutsideTheCarburetor() && ! $f->scrapsBody, $faults),
            $costs->lastResortMinutes(),
        );
    }

    /**
     * Repairs of single faults only.
     *
     * @param  list<float>  $minutes
     * @param  list<int>  $needs
     */
    public static function single(array $minutes, array $needs, float $lastResort): self
    {
        return new self($minutes, $needs, INF, array_fill(0, count($minutes), false), $lastResort);
    }
}
