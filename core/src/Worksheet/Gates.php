<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Stale\Staleness;

/**
 * What must be true before a machine goes back to its owner. Gates exist only here: any station may be worked at any
 * time.
 *
 * @internal
 */
final readonly class Gates
{
    /** What is measured and proved comes before what lies about. */
    private const ORDER = [
        Station::BenchTest,
        Station::HandBack,
        Station::Run,
        Station::Strip,
        Station::Build,
        Station::Clean,
        Station::Set,
        Station::AsFound,
        Station::Intake,
    ];

    /** @return list<string> one sentence for each thing still in the way */
    public static function of(Worksheet $sheet): array
    {
        $gates = [];
        foreach ($sheet->of(Staleness::class)->items() as $item) {
            $gates[] = "{$item->what} is to be re-checked: {$item->because}. Check it again, or override it with a reason.";
        }
        foreach (self::ORDER as $station) {
            $gates = [...$gates, ...Bays::at($station)->gates($sheet)];
        }

        return $gates;
    }
}
