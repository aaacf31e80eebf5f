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
     * @param  list<bool>  $isOutside by fault: another carburetor would not cure it
     * @param  float  $lastResort minutes when nothing of the plan was it
     */
    private function __construct(
        public array $minutes,
        public array $needs,
        public float $kitMinutes,
        public array $inKit,
        public array $isOutside,
        public float $lastResort,
        private float $inVain = 1.0,
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
            array_map(static fn (Fault $f): bool => $f->isOutsideTheCarburetor(), $faults),
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
        return new self($minutes, $needs, INF, array_fill(0, count($minutes), false), array_fill(0, count($minutes), false), $lastResort);
    }

    /** The same, where a carburetor that was for nothing costs no more than one that was it. */
    public function once(): self
    {
        return new self($this->minutes, $this->needs, $this->kitMinutes, $this->inKit, $this->isOutside, $this->lastResort, 0.0);
    }

    /**
     * Minutes of one repair with the try after it.
     *
     * @param  int  $repair its place, or {@see KIT}
     */
    public function minutesOf(int $repair, OpenBench $bench, int $open): float
    {
        return $repair === self::KIT
            ? $this->kitMinutes
            : ($this->minutes[$repair] ?? INF) + $bench->missing($this->needs($repair), $open);
    }

    /** @return int access bits of one repair; those of the kit are closed again after it */
    public function needs(int $repair): int
    {
        return $this->needs[$repair] ?? 0;
    }

    /**
     * Minutes when the plan ends here, times the weights. Where another carburetor was for nothing, it is paid and the
     * search begins anew: as much again.
     *
     * @param  float  $weight of what is still broken
     * @param  float  $outside of what another carburetor would not cure
     */
    public function givingUp(float $weight, float $outside): float
    {
        return $this->lastResort * ($weight + $this->inVain * $outside);
    }
}
