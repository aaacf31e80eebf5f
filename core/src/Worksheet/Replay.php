<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Log;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Stale\Staleness;

/**
 * Walks a log once: each act leaves something on the bench, then each bay says how far it has come.
 *
 * @internal
 */
final readonly class Replay
{
    /** @throws \DustyJet\Rejected If an entry holds a value that cannot be. */
    public static function of(Family $family, Log $log): Worksheet
    {
        $bench = Bench::empty($family);
        foreach ($log->effective() as $entry) {
            $bench = EntryKind::actOf($entry)->on($bench, $entry);
        }

        return self::sheet($log, $bench);
    }

    /**
     * A correction stands in the place of what it corrects: then the whole log is walked again.
     *
     * @throws \DustyJet\Rejected If the entry holds a value that cannot be.
     */
    public static function onwards(Worksheet $sheet, Entry $entry): Worksheet
    {
        $log = $sheet->log->with($entry);

        return $entry->supersedes === null
            ? self::sheet($log, EntryKind::actOf($entry)->on($sheet->bench, $entry))
            : self::of($sheet->family, $log);
    }

    private static function sheet(Log $log, Bench $bench): Worksheet
    {
        $stations = [];
        foreach (Station::cases() as $station) {
            $stations[$station->value] = self::state($station, $bench);
        }

        return new Worksheet($bench->family, $log, $bench, $stations);
    }

    private static function state(Station $station, Bench $bench): StationState
    {
        $progress = Bays::at($station)->progress($bench);

        return new StationState(
            doneAt: $progress->done < $progress->of ? null : $progress->touchedAt,
            stale: count($bench->of(Staleness::class)->at($station)),
            done: $progress->done,
            of: $progress->of,
            minutes: $bench->family->minutesAt($station),
        );
    }
}
