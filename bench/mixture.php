<?php

declare(strict_types=1);

// Mixture runs on virtual engines, every school apart: how often the answer is right, in how many readings, whether its
// interval holds the truth, and whether H of a two-stroke was ever led lean; beside it what quarter turns by hand find.
// php bench/mixture.php SEED ENGINES [peak|midpoint|flutter|shapes|governed]

use Bench\Mixture\GovernedMain;
use Bench\Mixture\Shapes;
use Bench\MixtureScoring;
use DustyJet\Mixture\School;
use DustyJet\Numerics\Chance;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';
foreach (['mixture/GovernedMain', 'mixture/OneScrew', 'mixture/QuarterTurns', 'mixture/Shapes', 'mixture/Tally', 'MixtureScoring'] as $class) {
    require __DIR__."/{$class}.php";
}

$seed = (int) ($argv[1] ?? 1);
$engines = (int) ($argv[2] ?? 1000);
$schools = array_filter(School::cases(), static fn (School $s): bool => ($argv[3] ?? $s->value) === $s->value);
echo "mixture, seed {$seed}. Ranges: DustyJet\\Engine\\RandomEngine. Screened: the needle leaves 0.5 to 0.75 of its bore open "
    ."at the healthy turns, else 0.3 to 0.95.\n";
foreach (in_array($argv[3] ?? 'shapes', ['shapes'], true) ? Shapes::families() : [] as $family => $drop) {
    $off = Shapes::off($drop, new Chance(new Randomizer(new Mt19937($seed))), $engines);
    printf(
        'curves %s, %d runs of seven readings: the peak is off by %+.3f turn in the mean, its interval covers %.1f %%; a parabola '
            ."in ln turns %+.3f, in turns %+.3f\n",
        $family,
        $engines,
        $off['belief'],
        100.0 * $off['covered'],
        $off['logarithm'],
        $off['turns'],
    );
}
foreach ($schools as $school) {
    foreach ([true, false] as $isScreened) {
        $scoring = new MixtureScoring($seed, $engines, $isScreened);
        $of = $school->value.($isScreened ? ', screened' : ', not screened');
        foreach ($scoring->by($school) as $name => $tally) {
            echo "{$of}, {$name}, {$tally->line()}\n";
        }
        $school === School::Flutter && print "{$of}: nobody hears the flutter of {$scoring->inaudible}\n";
    }
}
foreach (in_array($argv[3] ?? 'governed', ['governed'], true) ? [true, false] : [] as $isScreened) {
    $of = $isScreened ? 'screened' : 'not screened';
    echo "main needle on a governor, by ear alone, {$of}, ".GovernedMain::score($seed, $engines, $isScreened)."\n";
}
