<?php

declare(strict_types=1);

// Pop detection on hand-pumped traces: noise to 0.15 psi, steps to 0.25 psi, 5 to 20 readings a second; and on as many
// of strokes, leaks and letting go without a pop.

use Bench\PopOffScoring;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/PopOffScoring.php';

$seed = (int) ($argv[1] ?? 1);
$traces = (int) ($argv[2] ?? 500);
$scoring = new PopOffScoring($seed, $traces);
$pops = $scoring->ofPops();
$none = $scoring->ofLeaks();
printf(
    "pop-off, seed %d, %d traces: %d of %d pops found, %.1f %%, pressure within %.2f psi rms; %d invented\n",
    $seed,
    $traces,
    $pops['found'],
    $pops['all'],
    100.0 * $pops['found'] / max(1, $pops['all']),
    $pops['rms'],
    $pops['invented'],
);
printf("  in %d traces of strokes, leaks and letting go without a pop: %d invented\n", $traces, $none['invented']);
