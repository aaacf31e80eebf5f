<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Carburetor\Station;
use Illuminate\Support\Facades\Date;

/**
 * All that a sheet of a job stands on: while it is the same, the page that was printed is the same. The log is one
 * number, because it only grows; what stands beside the log is asked for.
 */
final readonly class SheetStamp
{
    /** Seconds by which two sound clocks may differ. */
    public const CLOCKS_DIFFER_BY = 60;

    private const GAUGES = ['bench-test' => [RunPurpose::Hold], 'run' => [RunPurpose::Speed, RunPurpose::Columns]];

    /** @param  string  $what of the same sheet at another time, or after something changed, another */
    private function __construct(public string $what)
    {
    }

    /** None while the page tells the time: a clock runs, or an instrument is watched. */
    public static function of(Job $job, Station $station, Person $reader): ?self
    {
        $gauges = array_map(
            static fn (RunPurpose $for): BenchGauges => BenchGauges::of($job, $for),
            self::GAUGES[$station->value] ?? [],
        );
        $isLive = array_filter($gauges, static fn (BenchGauges $g): bool => $g->live !== null) !== [];
        if ($isLive || $job->clock_due_at !== null) {
            return null;
        }
        $before = $job->cameBackFrom();

        return new self((string) json_encode([
            $job->log_length,
            self::isBehind($job),
            Date::now()->toDateString(),
            [$reader->name, $reader->role, $reader->coached],
            array_column($gauges, 'offered'),
            StationRecords::showsScrewsOfOthers($station) ? ScrewHistory::around($job) : null,
            [$before?->id, $before?->handed_back_at],
            $job->handed_back_at === null ? [] : $job->comeBacks()->modelKeys(),
        ], JSON_THROW_ON_ERROR));
    }

    /** Whether something was logged later than it is: the sheet says so until the clock is right again. */
    private static function isBehind(Job $job): bool
    {
        $at = $job->logged_at?->getTimestamp() ?? 0;

        return $at > Date::now()->getTimestamp() + self::CLOCKS_DIFFER_BY;
    }
}
