<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** A flow that is not known: values with weights. */
final readonly class WeightedFlows
{
    private const LOW = 0.025;

    private const HIGH = 0.975;

    /**
     * @param  array<int, float>  $sorted values, least first
     * @param  array<int, float>  $weights by the same keys
     */
    private function __construct(private array $sorted, private array $weights)
    {
    }

    /**
     * @param  list<float>  $values ml/min
     * @param  list<float>  $weights
     */
    public static function of(array $values, array $weights): self
    {
        asort($values);

        return new self($values, $weights);
    }

    public function interval(): FlowInterval
    {
        return new FlowInterval($this->quantile(0.5), $this->quantile(self::LOW), $this->quantile(self::HIGH));
    }

    /** Between the middles of the weights, so that a lattice of points gives a smooth answer. */
    private function quantile(float $share): float
    {
        $wanted = $share * array_sum($this->weights);
        $before = 0.0;
        [$lastAt, $lastValue] = [null, 0.0];
        foreach ($this->sorted as $i => $value) {
            $middle = $before + 0.5 * $this->weights[$i];
            if ($middle >= $wanted) {
                return $lastAt === null
                    ? $value
                    : $lastValue + ($value - $lastValue) * ($wanted - $lastAt) / max($middle - $lastAt, 1e-300);
            }
            [$lastAt, $lastValue] = [$middle, $value];
            $before += $this->weights[$i];
        }

        return $lastValue;
    }
}
