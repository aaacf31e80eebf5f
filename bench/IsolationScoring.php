<?php

declare(strict_types=1);

namespace Bench;

use DustyJet\LeakIsolation\FeasibleTest;
use DustyJet\LeakIsolation\Isolation;
use DustyJet\LeakIsolation\Leak;
use DustyJet\LeakIsolation\LeakCase;
use DustyJet\LeakIsolation\SoapTest;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Follows carburetors whose leaks are known for 12 minutes after the whole inlet leaked, by one order of testing. */
final class IsolationScoring
{
    private const MINUTES = 12.0;

    private int $named = 0;

    private int $covered = 0;

    private int $intervals = 0;

    private float $minutes = 0.0;

    private float $milliseconds = 0.0;

    /** @param  string  $order proposed, likeliest joint or fixed list */
    public function __construct(private readonly int $seed, private readonly int $cases, private readonly string $order)
    {
    }

    /** @return array{named: float, minutes: float, coverage: float, milliseconds: float} shares in percent, means a case */
    public function of(int $leaks): array
    {
        $chance = new Randomizer(new Mt19937($this->seed + $leaks));
        for ($i = 0; $i < $this->cases; $i++) {
            $this->play(LeakingBench::drawn($leaks, $chance), $leaks);
        }

        return [
            'named' => 100.0 * $this->named / $this->cases,
            'minutes' => $this->minutes / $this->cases,
            'coverage' => 100.0 * $this->covered / max(1, $this->intervals),
            'milliseconds' => $this->milliseconds / $this->cases,
        ];
    }

    private function play(LeakingBench $bench, int $leaks): void
    {
        $pressure = [$bench->whole()];
        $soap = [];
        $left = LeakingBench::feasible();
        $minutes = 0.0;
        while (true) {
            $start = hrtime(true);
            $isolation = Isolation::of(new LeakCase(LeakingBench::JOINTS, $pressure, $soap, $left));
            $this->milliseconds += (hrtime(true) - $start) / 1e6;
            $next = $this->next($isolation, $left);
            if ($next === null || $minutes + $next->minutes > self::MINUTES) {
                break;
            }
            $minutes += $next->minutes;
            $made = $bench->made($next);
            $pressure = $made instanceof SoapTest ? $pressure : [...$pressure, $made];
            $soap = $made instanceof SoapTest ? [...$soap, $made] : $soap;
            $left = array_values(array_filter($left, static fn (FeasibleTest $t): bool => $t->name !== $next->name));
        }
        $this->minutes += $minutes;
        $first = array_map(static fn (Leak $l): string => $l->joint, array_slice($isolation->suspects, 0, $leaks));
        $this->named += array_diff(array_keys($bench->leaking), $first) === [] ? 1 : 0;
        foreach ($isolation->suspects as $suspect) {
            $truth = $bench->leaking[$suspect->joint] ?? null;
            if ($truth !== null) {
                $this->intervals++;
                $this->covered += $truth >= $suspect->flow->low && $truth <= $suspect->flow->high ? 1 : 0;
            }
        }
    }

    /** @param  list<FeasibleTest>  $left */
    private function next(Isolation $isolation, array $left): ?FeasibleTest
    {
        $proposed = $isolation->next?->test;

        return match (true) {
            $proposed === null, $this->order === 'proposed' => $proposed,
            $this->order === 'fixed list' => $left[0] ?? null,
            default => self::narrowest($left, $isolation->suspects[0]->joint ?? ''),
        };
    }

    /**
     * The test that puts a joint under pressure with the fewest others, or leaves it out with the fewest.
     *
     * @param  list<FeasibleTest>  $left
     */
    private static function narrowest(array $left, string $joint): ?FeasibleTest
    {
        $all = count(LeakingBench::JOINTS);
        $width = static fn (FeasibleTest $t): int => in_array($joint, $t->joints, true)
            ? count($t->joints)
            : $all - count($t->joints);
        usort($left, static fn (FeasibleTest $a, FeasibleTest $b): int => $width($a) <=> $width($b));

        return $left[0] ?? null;
    }
}
