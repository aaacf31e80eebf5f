<?php

declare(strict_types=1);

namespace Tests\View;

use App\Knowledge\Diagnoses;
use App\Models\Job;
use App\Models\StationRecords;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Station;
use Tests\Core\Worksheet\Bench;

/** Sheets seen from a station, without a database. */
final readonly class Sheets
{
    public static function job(): Job
    {
        return new Job(['id' => '0195b9f0-0000-7000-8000-000000000001', 'number' => 'DJ-0401']);
    }

    public static function seen(Bench $bench, Station $station, string $look = ''): SheetView
    {
        return new SheetView(
            self::job(),
            $bench->sheet(),
            $station,
            StationRecords::none(),
            app(Diagnoses::class),
            $look,
        );
    }
}
