<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * What is left of the weights as repairs go on: a hypothesis is cured when all its faults are repaired.
 *
 * @internal
 */
final class StillBroken
{
    public float $weight;

    /** Weight of what has a fault that another carburetor would not cure: an upper bound, as a repaired one may count. */
    public float $outside;

    /** Weight that the kit would cure now, less what it would finish of faults repaired outside: a lower bound. */
    public float $curedByKit;

    /** @var array<int, true> places of faults */
    private array $repaired = [];

    /**
     * @param  list<int>  $pairsFrom {@see Hypotheses::$pairsFrom}
     * @param  list<float>  $weights
     * @param  list<bool>  $inKit by fault
     * @param  list<bool>  $isOutside by fault
     */
    public function __construct(
        private readonly array $pairsFrom,
        private readonly array $weights,
        private readonly array $inKit,
        private readonly array $isOutside,
        Masses $masses,
    ) {
        $this->weight = $masses->total;
        $this->curedByKit = $masses->kit;
        $this->outside = $masses->outside;
    }

    /** Weight that repairing a fault would cure now: it alone, and it with what is repaired already. */
    public function curedBy(int $fault): float
    {
        $cured = $this->weights[1 + $fault];
        $from = $this->pairsFrom[$fault];
        foreach ($this->repaired as $other => $_) {
            $cured += $this->weights[$fault < $other ? $from + $other : $this->pairsFrom[$other] + $fault];
        }

        return $cured;
    }

    /** @param  float  $cured {@see curedBy} of it, now */
    public function repair(int $fault, float $cured): void
    {
        $this->curedByKit -= $this->inKit[$fault] ? $cured : 0.0;
        $this->outside = max(0.0, $this->outside - ($this->isOutside[$fault] ? $cured : 0.0));
        $this->repaired[$fault] = true;
        $this->weight = max(0.0, $this->weight - $cured);
    }

    public function repairMany(): void
    {
        $cured = 0.0;
        $cleaned = array_diff_key(array_filter($this->inKit), $this->repaired);
        foreach ($this->repaired as $other => $_) {
            if (! $this->inKit[$other]) {
                foreach ($cleaned as $fault => $_) {
                    $cured += $this->weights[
                        $fault < $other ? $this->pairsFrom[$fault] + $other : $this->pairsFrom[$other] + $fault
                    ];
                }
            }
        }
        $this->repaired += $cleaned;
        $this->outside = max(0.0, $this->outside - $cured);
        $this->weight = max(0.0, $this->weight - $this->curedByKit - $cured);
        $this->curedByKit = 0.0;
    }
}
