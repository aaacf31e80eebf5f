<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * Repairing without another look: the fault with the most chance per minute first, try the engine, go on.
 *
 * For one fault with independent costs this order is optimal (Kalagnanam and Henrion 1990). Where going on costs more
 * than the last resort, the plan ends there. The expected minutes are the ECR of Heckerman, Breese and Rommelse (CACM
 * 38(3), 1995).
 *
 * @internal
 */
final readonly class RepairPlan
{
    private const FORGET_BELOW = 1e-4;

    /**
     * @param  list<int>  $order places of the faults to repair, in order
     * @param  int  $likeliest place of the fault with the most chance, -1 where there is none
     * @param  float  $likeliestChance its chance, times the sum of the weights
     * @param  float  $expectedMinutes times the sum of the weights: with weights in sum 1, the minutes themselves
     */
    private function __construct(
        public array $order,
        public int $likeliest,
        public float $likeliestChance,
        public float $expectedMinutes,
    ) {
    }

    /**
     * @param  list<float>  $weights of the hypotheses
     * @param  list<float>  $minutes of each cure, with the try after it
     * @param  list<int>  $needs access bits of each cure
     */
    public static function from(
        Hypotheses $hypotheses,
        array $weights,
        array $minutes,
        array $needs,
        OpenBench $bench,
        int $open,
        float $lastResort,
    ): self {
        $chance = $hypotheses->marginals($weights);
        $cost = $first = $rate = [];
        foreach ($chance as $i => $p) {
            $cost[$i] = $minutes[$i] + $bench->minutes[$needs[$i]];
            $first[$i] = $minutes[$i] + $bench->minutes[$needs[$i] & ~$open];
            $rate[$i] = $p / $cost[$i];
        }
        arsort($rate);
        $queue = array_keys($rate);
        $now = self::bestNow($chance, $first);
        if ($now !== null) {
            // What is open is open for the first repair only: the try after it needs the engine together.
            $cost[$now] = $first[$now];
            $queue = [$now, ...array_filter($queue, static fn (int $i): bool => $i !== $now)];
        }
        $total = array_sum($weights);
        $remaining = $total;
        $spent = 0.0;
        $best = $lastResort * $total;
        $bestAt = 0;
        $order = [];
        foreach ($queue as $i) {
            $spent += $remaining * $cost[$i];
            if ($spent > $best || $remaining < self::FORGET_BELOW * $total) {
                break;
            }
            $cured = $weights[1 + $i];
            foreach ($order as $j) {
                $cured += $weights[$i < $j ? $hypotheses->pairsFrom[$i] + $j : $hypotheses->pairsFrom[$j] + $i];
            }
            $remaining = max(0.0, $remaining - $cured);
            $order[] = $i;
            if ($spent + $remaining * $lastResort < $best) {
                $best = $spent + $remaining * $lastResort;
                $bestAt = count($order);
            }
        }

        return new self(
            array_slice($order, 0, $bestAt),
            $chance === [] ? -1 : (int) array_search(max($chance), $chance, true),
            $chance === [] ? 0.0 : max($chance),
            $best,
        );
    }

    /**
     * @param  list<float>  $chance
     * @param  array<int, float>  $cost
     */
    private static function bestNow(array $chance, array $cost): ?int
    {
        $best = null;
        $top = -1.0;
        foreach ($chance as $i => $p) {
            if ($p > $top * $cost[$i]) {
                $best = $i;
                $top = $p / $cost[$i];
            }
        }

        return $best;
    }
}
