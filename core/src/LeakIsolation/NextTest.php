<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/**
 * The test that tells most for its minutes: the entropy of what it may come to, less what it would come to by chance.
 *
 * A pressure test tells by its flow where flows were measured so far, else by holding or not; soap by what bubbles.
 */
final readonly class NextTest
{
    /** Fewer bits than these are not worth getting up for. From memory. */
    private const LEAST_BITS = 0.02;

    /** Surer than this of one set of joints nothing more is asked. From memory. */
    private const SURE = 0.98;

    /** Flows closer than this many standard deviations are one outcome. */
    private const APART_SIGMA = 3.0;

    private float $sigma;

    private function __construct(private LeakCase $case, private Suppositions $suppositions)
    {
        $this->sigma = max([0.0, ...array_map(static fn (PressureTest $t): float => $t->sigma ?? 0.0, $case->pressure)]);
    }

    public static function from(LeakCase $case, Suppositions $suppositions): ?ProposedTest
    {
        return ($suppositions->all[0]['weight'] ?? 0.0) > self::SURE ? null : (new self($case, $suppositions))->best();
    }

    private function best(): ?ProposedTest
    {
        $best = null;
        foreach ($this->case->feasible as $test) {
            $bits = $test->isSoap ? $this->bySoap($test) : $this->byPressure($test);
            $isBetter = $best === null || $bits / $test->minutes > $best->bits / $best->test->minutes;
            if ($bits >= self::LEAST_BITS && $isBetter) {
                $best = new ProposedTest($test, $bits);
            }
        }

        return $best;
    }

    private function byPressure(FeasibleTest $test): float
    {
        $flows = [];
        foreach ($this->suppositions->all as ['set' => $set, 'weight' => $weight]) {
            $under = array_intersect_key($set->means, array_flip($test->joints));
            $flows[] = [$under === [] ? 0.0 : max(array_sum($under), 1e-9), $weight];
        }
        $chances = $this->sigma > 0.0 ? $this->classes($flows) : self::holdsOrNot($flows);
        $bits = self::entropy($chances);
        if ($this->sigma > 0.0) {
            return $bits;
        }
        // What it says by mistake, it says whatever leaks.
        $wrong = Outcome::Leaks->chance(false);
        $seen = array_map(static fn (float $p): float => $p * (1.0 - $wrong) + (1.0 - $p) * $wrong, $chances);

        return max(0.0, self::entropy($seen) - self::entropy([$wrong, 1.0 - $wrong]));
    }

    /**
     * @param  list<array{0: float, 1: float}>  $flows and their weights
     *
     * @return list<float> chance of each flow that can be told from the others
     */
    private function classes(array $flows): array
    {
        usort($flows, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $chances = [];
        $sum = 0.0;
        $from = $flows[0][0] ?? 0.0;
        foreach ($flows as [$flow, $weight]) {
            if ($flow - $from > self::APART_SIGMA * $this->sigma) {
                $chances[] = $sum;
                [$sum, $from] = [0.0, $flow];
            }
            $sum += $weight;
        }

        return [...$chances, $sum];
    }

    /**
     * @param  list<array{0: float, 1: float}>  $flows and their weights
     *
     * @return list<float>
     */
    private static function holdsOrNot(array $flows): array
    {
        $leaks = array_sum(array_map(static fn (array $f): float => $f[0] > 0.0 ? $f[1] : 0.0, $flows));

        return [$leaks, 1.0 - $leaks];
    }

    private function bySoap(FeasibleTest $test): float
    {
        $outcomes = [[]];
        foreach ($test->joints as $i => $joint) {
            $outcomes[] = [$joint];
            foreach (array_slice($test->joints, $i + 1) as $other) {
                $outcomes[] = [$joint, $other];
            }
        }
        $bits = 0.0;
        $marginal = array_fill(0, count($outcomes), 0.0);
        foreach ($this->suppositions->all as ['set' => $set, 'weight' => $weight]) {
            foreach ($outcomes as $o => $bubbled) {
                $chance = exp((new SoapTest($test->name, $test->joints, $bubbled))->logChance($set->joints));
                $marginal[$o] += $weight * $chance;
                $bits += $weight * $chance * log($chance, 2.0);
            }
        }

        return max(0.0, $bits + self::entropy($marginal));
    }

    /** @param  array<int, float>  $chances */
    private static function entropy(array $chances): float
    {
        $bits = 0.0;
        foreach ($chances as $p) {
            $bits -= $p > 0.0 ? $p * log($p, 2.0) : 0.0;
        }

        return $bits;
    }
}
