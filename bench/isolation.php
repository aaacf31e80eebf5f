<?php

declare(strict_types=1);

// How soon a leak is found: carburetors with one leak, and half as many with two, each followed for 12 minutes by the
// test that is proposed, by always the likeliest joint, and by a fixed list.

use Bench\IsolationScoring;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/LeakingBench.php';
require __DIR__.'/IsolationScoring.php';

$seed = (int) ($argv[1] ?? 1);
$singles = (int) ($argv[2] ?? 1000);
echo "leak isolation, seed {$seed}, {$singles} single leaks and ".intdiv($singles, 2)." doubles, 12 minutes each\n";
foreach ([1 => $singles, 2 => intdiv($singles, 2)] as $leaks => $cases) {
    foreach (['proposed', 'likeliest joint', 'fixed list'] as $order) {
        $score = (new IsolationScoring($seed, $cases, $order))->of($leaks);
        printf(
            "%d leaking, %-16s named %5.1f %%, mean %4.1f min, interval coverage %.1f %%, %.0f ms a case\n",
            $leaks,
            $order,
            $score['named'],
            $score['minutes'],
            $score['coverage'],
            $score['milliseconds'],
        );
    }
}
