<?php

declare(strict_types=1);

// The honest scoring of the hold test: 500 traces of known truth for each gauge step.

use Bench\HoldScoring;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/HoldScoring.php';

$seed = (int) ($argv[1] ?? 1);
$traces = (int) ($argv[2] ?? 500);
echo "hold test scoring, seed {$seed}, {$traces} traces a gauge step; truth is wrong at half the limit or twice\n";
foreach ([0.01, 0.05, 0.1, 0.25, 0.5] as $step) {
    $score = (new HoldScoring($seed, $traces))->forStep($step);
    printf(
        'step %.2f psi: wrong %.1f %%, false holds-below %.1f %%, decided %.1f %% of the %.0f %% an oracle decides, '
            ."coverage %s %% (fine) %s %% (coarse), plateaus named %.0f %%\n",
        $step,
        $score['wrong_percent'],
        $score['false_below_percent'],
        $score['decided_of_oracle_percent'],
        $score['oracle_percent'],
        is_nan($score['coverage_fine_percent']) ? '-' : number_format($score['coverage_fine_percent'], 1),
        is_nan($score['coverage_coarse_percent']) ? '-' : number_format($score['coverage_coarse_percent'], 1),
        $score['plateaus_found_percent'],
    );
}
