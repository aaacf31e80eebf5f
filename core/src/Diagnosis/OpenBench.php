<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * Access as bits: what is open, and what the rest costs.
 *
 * @internal
 */
final readonly class OpenBench
{
    /** @var array<string, int> what each access needs, itself included */
    private array $closure;

    /** @var list<float> minutes by bits */
    public array $minutes;

    private int $stopsEngine;

    /** @param  array<string, Access>  $access each after those it needs */
    public function __construct(private array $access)
    {
        $closure = [];
        $single = [];
        $stops = 0;
        $bit = 1;
        foreach ($access as $id => $one) {
            $closure[$id] = $bit;
            foreach ($one->needs as $need) {
                $closure[$id] |= $closure[$need];
            }
            $single[$bit] = $one->minutes;
            $stops |= $one->engineRuns ? 0 : $bit;
            $bit <<= 1;
        }
        $minutes = array_fill(0, $bit, 0.0);
        for ($bits = 1; $bits < $bit; $bits++) {
            foreach ($single as $b => $cost) {
                $minutes[$bits] += ($bits & $b) !== 0 ? $cost : 0.0;
            }
        }
        $this->closure = $closure;
        $this->minutes = array_values($minutes);
        $this->stopsEngine = $stops;
    }

    /** @param  list<string>  $names */
    public function bits(array $names): int
    {
        $bits = 0;
        foreach ($names as $name) {
            $bits |= $this->closure[$name] ?? 0;
        }

        return $bits;
    }

    public function engineCanRun(int $open): bool
    {
        return ($open & $this->stopsEngine) === 0;
    }

    /** What need not be closed for a try of the engine. */
    public function staysOpen(int $open): int
    {
        return $open & ~$this->stopsEngine;
    }

    /** Minutes of what is needed and not open yet. */
    public function missing(int $needed, int $open): float
    {
        return $this->minutes[$needed & ~$open];
    }

    /**
     * What has to be opened, in order, in words.
     *
     * @return list<string>
     */
    public function steps(int $needed, int $open): array
    {
        $steps = [];
        $bit = 1;
        foreach ($this->access as $one) {
            if (($needed & ~$open & $bit) !== 0) {
                $steps[] = $one->do;
            }
            $bit <<= 1;
        }

        return $steps;
    }
}
