<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * Repairing without another look: the repair with the most chance per minute first, try the engine, go on.
 *
 * For one fault with independent costs this order is optimal (Kalagnanam and Henrion 1990). One strip that cures many
 * faults at once takes its place among them. Where going on costs more than the last resort, the plan ends there. The
 * expected minutes are the ECR of Heckerman, Breese and Rommelse (CACM 38(3), 1995).
 *
 * @internal
 */
final readonly class RepairPlan
{
    private const FORGET_BELOW = 1e-4;

    /**
     * @param  list<int>  $order places of the faults to repair, in order; the kit by its number
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
     * @param  int  $open access bits; what stops the engine is closed again for the try
     */
    public static function from(
        Hypotheses $hypotheses,
        array $weights,
        Repairs $repairs,
        OpenBench $bench,
        int $open,
    ): self {
        $masses = Masses::of($weights, $repairs->inKit, $repairs->isOutside);
        $left = new StillBroken($hypotheses->pairsFrom, $weights, $repairs->inKit, $repairs->isOutside, $masses);
        $spent = 0.0;
        $best = $repairs->givingUp($masses->total, $masses->outside);
        $bestAt = 0;
        $order = [];
        $queue = self::queue($masses->chance, $repairs, $bench, $open);
        while ($queue !== []) {
            $next = array_key_first($queue);
            $cured = $left->curedBy($next);
            if ($left->curedByKit * $queue[$next] > $cured * $repairs->kitMinutes) {
                $next = Repairs::KIT;
            }
            $spent += $left->weight * ($queue[$next] ?? $repairs->kitMinutes);
            if ($spent > $best || $left->weight < self::FORGET_BELOW * $masses->total) {
                break;
            }
            if ($next === Repairs::KIT) {
                $left->repairMany();
                $queue = array_diff_key($queue, array_filter($repairs->inKit));
            } else {
                $left->repair($next, $cured);
                unset($queue[$next]);
            }
            $order[] = $next;
            $givenUp = $spent + $repairs->givingUp($left->weight, $left->outside);
            if ($givenUp < $best) {
                $best = $givenUp;
                $bestAt = count($order);
            }
        }
        $likeliest = $masses->chance === [] ? -1 : (int) array_search(max($masses->chance), $masses->chance, true);

        return new self(
            array_slice($order, 0, $bestAt),
            $likeliest,
            $likeliest < 0 ? 0.0 : $masses->chance[$likeliest],
            $best,
        );
    }

    /**
     * @param  list<float>  $chance
     *
     * @return array<int, float> minutes of each repair, in order: what is open now counts for the first only
     */
    private static function queue(array $chance, Repairs $repairs, OpenBench $bench, int $open): array
    {
        $stays = $bench->staysOpen($open);
        $cost = $rate = [];
        $best = -1;
        $bestFirst = 0.0;
        $top = -1.0;
        foreach ($chance as $i => $p) {
            $cost[$i] = $repairs->minutes[$i] + $bench->minutes[$repairs->needs[$i] & ~$stays];
            $first = $repairs->minutes[$i] + $bench->minutes[$repairs->needs[$i] & ~$open];
            $rate[$i] = $p / $cost[$i];
            if ($p > $top * $first) {
                [$best, $bestFirst, $top] = [$i, $first, $p / $first];
            }
        }
        arsort($rate);
        $queue = $best < 0 ? [] : [$best => $bestFirst];
        foreach ($rate as $i => $p) {
            $queue[$i] ??= $cost[$i];
        }

        return $queue;
    }
}
