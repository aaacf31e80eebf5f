<?php

// What is offered in random states that a finding forbids: must be none. Checks, steps of procedures, and in one state
// of a thousand the whole plan.

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Diagnosis\Offered;

require __DIR__.'/../vendor/autoload.php';

$seed = (int) ($argv[1] ?? 1);
$states = (int) ($argv[2] ?? 100_000);
$chance = new Randomizer(new Mt19937($seed));
$known = Knowledge::real();
$offers = $dangerous = 0;
$wrong = [];
for ($i = 0; $i < $states; $i++) {
    [$family, $answers, $deeds] = Offered::anyState($known, $chance);
    $dangerous += $deeds === [] ? 0 : 1;
    foreach (Offered::in($family, $answers, $i % 1000 === 0) as $name => $does) {
        $offers++;
        if (array_intersect($does, $deeds) !== []) {
            $wrong[] = "state {$i}, {$family}: {$name}";
        }
    }
}
printf(
    "safety, seed %d: %d random states, %d of them dangerous, %d offers, %d forbidden\n",
    $seed,
    $states,
    $dangerous,
    $offers,
    count($wrong),
);
echo implode("\n", array_slice($wrong, 0, 10)), $wrong === [] ? '' : "\n";
