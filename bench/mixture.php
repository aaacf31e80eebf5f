<?php

declare(strict_types=1);

// Mixture runs on virtual engines: how often the answer is right, in how many readings, and whether its interval is. The
// candidate weighs many shapes of curve where the judgement of today fits one; it is no part of the program yet.

use Bench\MixtureScoring;
use DustyJet\Mixture\School;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/MixtureScoring.php';
foreach (['Hypothesis', 'Belief', 'BeliefCurve', 'BeliefRun'] as $class) {
    require __DIR__."/mixture/{$class}.php";
}

$seed = (int) ($argv[1] ?? 1);
$engines = (int) ($argv[2] ?? 1000);
$judges = ['today' => MixtureScoring::proposed(...), 'candidate' => MixtureScoring::candidate(...)];
foreach ([School::Peak, School::Midpoint] as $school) {
    foreach ($judges as $name => $judge) {
        $scored = (new MixtureScoring($seed, $engines))->by($school, $judge);
        printf(
            'mixture, seed %d, %d engines, %-8s, %-9s: right %.1f %%, within 1/8 turn of %d that fall 50 rpm a quarter turn '
                ."%.1f %%, median %d readings, interval covers %.1f %% and is %.2f turn wide in the median\n",
            $seed,
            $engines,
            $school->value,
            $name,
            100.0 * $scored['right'],
            $scored['plains'],
            100.0 * $scored['plain'],
            $scored['readings'],
            100.0 * $scored['covered'],
            $scored['width'],
        );
    }
}
