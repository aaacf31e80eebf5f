<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use DustyJet\Engine\Circuits;
use DustyJet\Engine\Cylinder;
use DustyJet\Engine\Flows;
use DustyJet\Engine\Healthy;
use DustyJet\Engine\RandomEngine;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\TaperNeedle;
use DustyJet\Engine\Throat;
use DustyJet\Engine\VirtualEngine;
use DustyJet\Engine\Weather;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Engines for tests. */
final readonly class Engines
{
    /** A 46 cc saw, not calibrated: its needle's seat is wide, so there is a lean and a rich side. */
    public static function saw(): VirtualEngine
    {
        return new VirtualEngine(
            new Cylinder(Stroke::Two, 46.0, 0.62, 0.20, [35.0, 6.0, 1.2], 0.35, 17_000.0),
            new Throat(17.0, 13.5, 0.8, 0.5),
            new Circuits(
                new TaperNeedle(0.635, 10.0, 0.9),
                new TaperNeedle(0.635, 10.0, 0.57),
                0.0,
                true,
                0.001,
                4.0,
                4.0,
                0.75,
            ),
        );
    }

    public static function random(int $seed, Stroke $stroke): Healthy
    {
        return RandomEngine::of(new Randomizer(new Mt19937($seed)), $stroke);
    }

    public static function fullFlows(Healthy $well, VirtualEngine $engine): Flows
    {
        return $engine->flows($well->topRpm, $well->full, Weather::standard());
    }

    public static function idleFlows(Healthy $well, VirtualEngine $engine): Flows
    {
        return $engine->flows($well->idleRpm, $well->idle, Weather::standard());
    }
}
