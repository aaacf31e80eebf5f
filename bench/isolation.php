<?php

declare(strict_types=1);

// How soon a leak is found: 1,000 carburetors with one leak and 500 with two, each followed for 12 minutes after the
// whole inlet leaked, by the test that is proposed, by always the likeliest joint, and by a fixed list.

use Bench\LeakingBench;
use DustyJet\LeakIsolation\FeasibleTest;
use DustyJet\LeakIsolation\Isolation;
use DustyJet\LeakIsolation\LeakCase;
use DustyJet\LeakIsolation\SoapTest;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/LeakingBench.php';

const MINUTES = 12.0;

$seed = (int) ($argv[1] ?? 1);
$singles = (int) ($argv[2] ?? 1000);
echo "leak isolation, seed {$seed}, {$singles} single leaks and ".intdiv($singles, 2)." doubles, 12 minutes each\n";

/** @param  callable(Isolation, list<FeasibleTest>): (FeasibleTest|null)  $choose */
$play = static function (LeakingBench $bench, callable $choose): array {
    $pressure = [$bench->whole()];
    $soap = [];
    $left = LeakingBench::feasible();
    $minutes = 0.0;
    while (true) {
        $isolation = Isolation::of(new LeakCase(LeakingBench::JOINTS, $pressure, $soap, $left));
        $next = $choose($isolation, $left);
        if ($next === null || $minutes + $next->minutes > MINUTES) {
            return [$isolation, $minutes];
        }
        $minutes += $next->minutes;
        $made = $bench->made($next);
        $pressure = $made instanceof SoapTest ? $pressure : [...$pressure, $made];
        $soap = $made instanceof SoapTest ? [...$soap, $made] : $soap;
        $left = array_values(array_filter($left, static fn (FeasibleTest $t): bool => $t->name !== $next->name));
    }
};
$isSettled = static fn (Isolation $i): bool => $i->next === null;
$orders = [
    'proposed' => static fn (Isolation $i): ?FeasibleTest => $i->next?->test,
    // The test that leaves the likeliest joint out, or in, alone: the smallest boundary that has a say in it.
    'likeliest joint' => static function (Isolation $i, array $left) use ($isSettled): ?FeasibleTest {
        if ($isSettled($i)) {
            return null;
        }
        $joint = $i->suspects[0]->joint ?? '';
        $all = count(LeakingBench::JOINTS);
        $size = static fn (FeasibleTest $t): int => in_array($joint, $t->joints, true)
            ? count($t->joints)
            : $all - count($t->joints);
        usort($left, static fn (FeasibleTest $a, FeasibleTest $b): int => $size($a) <=> $size($b));

        return $left[0] ?? null;
    },
    'fixed list' => static fn (Isolation $i, array $left): ?FeasibleTest => $isSettled($i) ? null : $left[0] ?? null,
];
foreach ([1 => $singles, 2 => intdiv($singles, 2)] as $leaks => $count) {
    foreach ($orders as $name => $choose) {
        $chance = new Randomizer(new Mt19937($seed + $leaks));
        $named = $covered = $intervals = 0;
        $minutes = 0.0;
        $start = hrtime(true);
        for ($i = 0; $i < $count; $i++) {
            $bench = LeakingBench::drawn($leaks, $chance);
            [$isolation, $took] = $play($bench, $choose);
            $minutes += $took;
            $first = array_map(static fn ($s): string => $s->joint, array_slice($isolation->suspects, 0, $leaks));
            $named += array_diff(array_keys($bench->leaking), $first) === [] ? 1 : 0;
            foreach ($isolation->suspects as $suspect) {
                $truth = $bench->leaking[$suspect->joint] ?? null;
                if ($truth !== null) {
                    $intervals++;
                    $covered += $truth >= $suspect->flow->low && $truth <= $suspect->flow->high ? 1 : 0;
                }
            }
        }
        printf(
            "%d leaking, %-16s named %5.1f %%, mean %4.1f min, interval coverage %.1f %%, %.0f ms a case\n",
            $leaks,
            $name,
            100 * $named / $count,
            $minutes / $count,
            100 * $covered / max(1, $intervals),
            (hrtime(true) - $start) / 1e6 / $count,
        );
    }
}
