<?php

declare(strict_types=1);

// Virtual engines: how much faster than real time they run, how long a steady speed and a random engine take.

use DustyJet\Engine\RandomEngine;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\Transient;
use DustyJet\Engine\Weather;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';

const ENGINES = 40;
const SECONDS = 60.0;

$seed = (int) ($argv[1] ?? 1);
foreach (Stroke::cases() as $stroke) {
    $took = ['drawn' => 0, 'steady' => 0, 'in time' => 0];
    for ($i = 0; $i < ENGINES; $i++) {
        $began = hrtime(true);
        $well = RandomEngine::of(new Randomizer(new Mt19937($seed + $i)), $stroke);
        $drawn = hrtime(true);
        $well->engine->steady($well->full, Weather::standard());
        $steady = hrtime(true);
        (new Transient($well->engine, Weather::standard(), $well->idleRpm))->run($well->idle, SECONDS);
        $took['drawn'] += $drawn - $began;
        $took['steady'] += $steady - $drawn;
        $took['in time'] += hrtime(true) - $steady;
    }
    printf(
        "engines, seed %d, %d of %d strokes: drawn and calibrated in %.1f ms, steady in %.2f ms, %d times faster than real time\n",
        $seed,
        ENGINES,
        $stroke->value,
        $took['drawn'] / 1e6 / ENGINES,
        $took['steady'] / 1e6 / ENGINES,
        (int) (ENGINES * SECONDS * 1e9 / max(1, $took['in time'])),
    );
}
