<?php

declare(strict_types=1);

// The diagnosis on virtual engines with one or two faults: how often the true fault is among the first three.

use Bench\EngineCaseScoring;
use DustyJet\Knowledge\DiagnosisFiles;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/EngineCaseScoring.php';

$seed = (int) ($argv[1] ?? 1);
$cases = (int) ($argv[2] ?? 200);
$catalogue = DiagnosisFiles::catalogue(DiagnosisFiles::merge(array_map(
    static fn (string $f): string => (string) file_get_contents($f),
    glob(__DIR__.'/../core/knowledge/diagnosis/*.yaml') ?: [],
)));
$ways = [
    ['faults as often as they come in, the check that is offered first', true, false],
    ['faults as often as they come in, of the checks offered the one that tells most', true, true],
    ['each fault as often, of the checks offered the one that tells most', false, true],
];
foreach ($ways as [$how, $isByPrior, $isSeeking]) {
    $scoring = new EngineCaseScoring($catalogue, $seed, $isByPrior, $isSeeking);
    $sum = $scoring->play($cases);
    printf(
        "engine-made cases, seed %d, %d virtual engines over 13 families, %s, %d of them two; %d had nothing to complain of\n",
        $seed,
        $cases,
        $how,
        $sum['double'],
        $scoring->silent,
    );
    printf(
        "  a true fault in the top three: %s %% at the complaint and after each of %d checks (aim 85); both of two: %.1f %%\n",
        implode(', ', array_map(static fn (int $n): string => sprintf('%.1f', 100.0 * $n / $cases), $sum['found'])),
        EngineCaseScoring::CHECKS,
        100.0 * $sum['both'] / max(1, $sum['double']),
    );
    $missed = array_count_values($scoring->missed);
    arsort($missed);
    echo '  missed: '.implode(', ', array_map(
        static fn (string $f, int $n): string => "{$f} {$n}",
        array_keys($missed),
        $missed,
    ))."\n";
}
