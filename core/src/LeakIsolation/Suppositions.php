<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** Every set of joints that may leak together, none, one or two, three where no two fit, and the weight of each. */
final readonly class Suppositions
{
    /** Sets lighter than the heaviest by more than this, as a logarithm, are not kept. */
    private const MOST_LIGHTER = 10.0;

    /** A misfit that chance gives once in a thousand, in standard deviations of a normal distribution. */
    private const RARE = 3.09;

    /** @param  list<array{set: LeakSet, weight: float}>  $all heaviest first, in sum 1 */
    private function __construct(public array $all)
    {
    }

    public static function of(LeakCase $case): self
    {
        $flows = array_map(static fn (PressureTest $t): float => $t->at($case->kilopascals())['flow'] ?? 0.0, $case->pressure);
        $scale = max(1.0, 1.5 * max([0.0, ...$flows]));
        $few = [...self::chosen($case->names(), 1), ...self::chosen($case->names(), 2)];
        $sets = [LeakSet::supposed([], $case, $scale), ...self::supposed($few, $case, $scale)];
        $least = min(array_map(static fn (LeakSet $s): float => $s->misfit, $sets));
        if ($least > self::mostMisfit(count($case->pressure))) {
            $sets = [...$sets, ...self::supposed(self::chosen($case->names(), 3), $case, $scale)];
        }

        return self::weighed($sets);
    }

    /**
     * @param  list<list<string>>  $choices
     *
     * @return list<LeakSet>
     */
    private static function supposed(array $choices, LeakCase $case, float $scale): array
    {
        return array_map(static fn (array $joints): LeakSet => LeakSet::supposed($joints, $case, $scale), $choices);
    }

    /** @param  non-empty-list<LeakSet>  $sets */
    private static function weighed(array $sets): self
    {
        $top = max(array_map(static fn (LeakSet $s): float => $s->isPositive() ? $s->logWeight : -INF, $sets));
        $heavy = array_filter($sets, static fn (LeakSet $s): bool => $s->logWeight > $top - self::MOST_LIGHTER);
        $cutOff = array_map(static fn (LeakSet $s): LeakSet => $s->cutOff(), $heavy);
        $all = array_map(static fn (LeakSet $s): array => ['set' => $s, 'weight' => exp($s->logWeight - $top)], $cutOff);
        usort($all, static fn (array $a, array $b): int => $b['weight'] <=> $a['weight']);
        $sum = array_sum(array_column($all, 'weight'));

        return new self(array_map(static fn (array $s): array => ['weight' => $s['weight'] / $sum] + $s, $all));
    }

    /** The 99.9 % point of chi-squared (Wilson and Hilferty 1931). */
    private static function mostMisfit(int $tests): float
    {
        $n = max(1, $tests);

        return $n * (1.0 - 2.0 / (9.0 * $n) + self::RARE * sqrt(2.0 / (9.0 * $n))) ** 3;
    }

    /**
     * @param  list<string>  $names
     *
     * @return list<list<string>> every choice of so many
     */
    private static function chosen(array $names, int $many): array
    {
        if ($many === 0) {
            return [[]];
        }
        $choices = [];
        foreach ($names as $i => $name) {
            foreach (self::chosen(array_slice($names, $i + 1), $many - 1) as $others) {
                $choices[] = [$name, ...$others];
            }
        }

        return $choices;
    }

    /** Chance that a joint leaks. */
    public function chance(string $joint): float
    {
        $chance = 0.0;
        foreach ($this->all as ['set' => $set, 'weight' => $weight]) {
            $chance += in_array($joint, $set->joints, true) ? $weight : 0.0;
        }

        return $chance;
    }

    /** What a joint leaks, should it leak. */
    public function flow(string $joint): FlowInterval
    {
        $values = $weights = [];
        foreach ($this->all as ['set' => $set, 'weight' => $weight]) {
            foreach (array_keys($set->joints, $joint, true) as $at) {
                foreach ($set->points as $point) {
                    $values[] = $point['at'][$at];
                    $weights[] = $weight * $point['weight'];
                }
            }
        }

        return WeightedFlows::of($values, $weights)->interval();
    }

    /**
     * What joints leak together, those that are tight counting as nothing.
     *
     * @param  list<string>  $joints
     */
    public function together(array $joints): FlowInterval
    {
        $values = $weights = [];
        foreach ($this->all as ['set' => $set, 'weight' => $weight]) {
            $here = array_intersect($set->joints, $joints);
            foreach ($here === [] ? [] : $set->points as $point) {
                $values[] = array_sum(array_intersect_key($point['at'], $here));
                $weights[] = $weight * $point['weight'];
            }
            if ($here === []) {
                $values[] = 0.0;
                $weights[] = $weight;
            }
        }

        return WeightedFlows::of($values, $weights)->interval();
    }
}
