<?php

declare(strict_types=1);

// The diagnosis: hit rate against exact Bayes with greedy-entropy checks, minutes to cure against the checklist, time.

use Bench\DiagnosisScoring;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Knowledge\DiagnosisFiles;
use Symfony\Component\Yaml\Yaml;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Machine.php';
require __DIR__.'/DiagnosisScoring.php';

$seed = (int) ($argv[1] ?? 1);
$cases = (int) ($argv[2] ?? 2000);
$files = array_map(
    static fn (string $f): string => (string) file_get_contents($f),
    glob(__DIR__.'/../core/knowledge/diagnosis/*.yaml') ?: [],
);
$started = hrtime(true);
$merged = DiagnosisFiles::merge($files);
$read = hrtime(true);
$catalogue = DiagnosisFiles::catalogue($merged);
printf(
    "knowledge: %d faults, %d findings, %d checks; YAML %.1f ms, checked %.1f ms\n",
    count($catalogue->faults),
    count($catalogue->findings),
    count($catalogue->checks),
    ($read - $started) / 1e6,
    (hrtime(true) - $read) / 1e6,
);

$times = [];
foreach (array_keys($catalogue->families) as $family) {
    for ($i = 0; $i < 8; $i++) {
        $case = DiagnosisCase::parse(
            $catalogue,
            (string) json_encode([
                'family' => $family,
                'facts' => ['stored_days' => 150],
                'findings' => [
                    'hard_to_start' => 'strong',
                    'surges' => 'no',
                    'no_power' => 'some',
                    'plug_wet' => 'no',
                    'spark_poor' => 'no',
                    'fuel_smells_stale' => 'no',
                ],
            ]),
        );
        $at = hrtime(true);
        $diagnosis = Diagnosis::of($catalogue, $case);
        $times[] = (hrtime(true) - $at) / 1e6;
    }
}
sort($times);
printf(
    "diagnosis, all pairs, six answers, every check ranked: median %.1f ms, 95th percentile %.1f ms, worst %.1f ms over 13 families\n",
    $times[intdiv(count($times), 2)],
    $times[(int) (0.95 * count($times))],
    $times[count($times) - 1],
);

/** @var array{order: list<string>} $file */
$file = Yaml::parseFile(__DIR__.'/diagnosis/checklist.yaml');
$checklist = $file['order'];
$percent = static fn (float $part, float $of): float => (100.0 * $part) / max(1.0, $of);
$scoring = new DiagnosisScoring($catalogue, $checklist, $seed);
$as = $scoring->play($cases, true);
printf(
    "diagnosis scoring, seed %d, %d cases over 13 families, %.0f%% of them two faults; complaint and three checks\n",
    $seed,
    $cases,
    $percent($as['double'], $cases),
);
printf(
    "  true fault in the top three: single %.1f %% (greedy entropy %.1f %%)\n",
    $percent($as['single_hit'], $as['single']),
    $percent($as['single_entropy'], $as['single']),
);
printf(
    "  two faults: any %.1f %% (%.1f %%), all %.1f %% (%.1f %%)\n",
    $percent($as['any_hit'], $as['double']),
    $percent($as['any_entropy'], $as['double']),
    $percent($as['all_hit'], $as['double']),
    $percent($as['all_entropy'], $as['double']),
);
$hits = $as['single_hit'] + $as['any_hit'];
$entropy = $as['single_entropy'] + $as['any_entropy'];
printf(
    "  single or any: %.1f %%, that is %.1f %% of greedy entropy's %.1f %% (aim 95)\n",
    $percent($hits, $cases),
    $percent($hits, $entropy),
    $percent($entropy, $cases),
);
printf(
    '  minutes to cure: %.1f by the assistant, %.1f without one strip for all (the policy before), %.1f by the checklist: '
        ."%.1f %% of it (aim 70); last resort in %.1f %% and %.1f %%\n",
    $as['assistant'] / $cases,
    $as['before'] / $cases,
    $as['checklist'] / $cases,
    $percent($as['assistant'], $as['checklist']),
    $percent($as['given_up'], $cases),
    $percent($as['checklist_given_up'], $cases),
);
printf(
    "  checks a case: %.1f, before %.1f (aim 11); leader above 0.8 at first: %d cases, a repair first in %d\n",
    $as['checks'] / $cases,
    $as['before_checks'] / $cases,
    $as['sure'],
    $as['sure_repairs'],
);
foreach ($scoring->bins as $bin) {
    if ($bin['count'] > 0) {
        printf(
            "  said %.3f, right %.3f (%d)\n",
            $bin['said'] / $bin['count'],
            $bin['right'] / $bin['count'],
            $bin['count'],
        );
    }
}
$off = (new DiagnosisScoring($catalogue, $checklist, $seed, 0.5))->play($cases, false);
printf(
    "  every strength off by logit sigma 0.5: single or any %.1f %% (%.1f points worse, aim 5), minutes %.1f against %.1f: %.1f %%\n",
    $percent($off['single_hit'] + $off['any_hit'], $cases),
    $percent($hits - $off['single_hit'] - $off['any_hit'], $cases),
    $off['assistant'] / $cases,
    $off['checklist'] / $cases,
    $percent($off['assistant'], $off['checklist']),
);
