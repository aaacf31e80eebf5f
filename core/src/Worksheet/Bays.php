<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\Station;

/** Which bay a station has. */
final readonly class Bays
{
    public static function at(Station $station): Bay
    {
        return match ($station) {
            Station::Intake => new Intake\IntakeBay,
            Station::AsFound => new Screws\AsFoundBay,
            Station::Strip => new Strip\StripBay,
            Station::BenchTest => new BenchTest\BenchTestBay,
            Station::Clean => new Clean\CleanBay,
            Station::Build => new Build\BuildBay,
            Station::Set => new Screws\SetBay,
            Station::Run => new Run\RunBay,
            Station::HandBack => new HandBack\HandBackBay,
        };
    }
}
