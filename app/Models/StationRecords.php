<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Carburetor\Station;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Photos\Photos;
use DustyJet\Worksheet\Worksheet;

/** What a station shows that is kept beside the log: a trace, the sizes of photos, the screws of other jobs. */
final readonly class StationRecords
{
    private const WITH_PHOTOS = [Station::Intake, Station::AsFound, Station::Strip, Station::Build];

    private const WITH_SCREWS = [Station::AsFound, Station::Set, Station::Run];

    /**
     * @param  array<string, Photo>  $photos by id, without their bytes
     * @param  Job|null  $cameBackFrom the job this machine came back from
     * @param  list<Job>  $comeBacks jobs in which it came back
     */
    private function __construct(
        public ?PressureTrace $trace,
        public array $photos,
        public ScrewHistory $screws,
        public BenchGauges $gauges,
        public ?Job $cameBackFrom = null,
        public array $comeBacks = [],
    ) {
    }

    /** @param  bool  $isBalancing whether the balance of a bank is in hand */
    public static function of(Job $job, Worksheet $sheet, Station $station, bool $isBalancing = false): self
    {
        $photos = in_array($station, self::WITH_PHOTOS, true) ? array_keys($sheet->of(Photos::class)->all) : [];

        return new self(
            $station === Station::BenchTest ? self::latestTrace($sheet) : null,
            Photo::sizes($photos),
            self::showsScrewsOfOthers($station) ? ScrewHistory::around($job) : ScrewHistory::none(),
            match (true) {
                $station === Station::BenchTest => BenchGauges::of($job),
                $station !== Station::Run => BenchGauges::none(),
                $isBalancing => BenchGauges::of($job, RunPurpose::Columns),
                default => BenchGauges::of($job, RunPurpose::Speed),
            },
            $job->cameBackFrom(),
            $sheet->handedBackAt === null ? [] : array_values($job->comeBacks()->all()),
        );
    }

    public static function showsScrewsOfOthers(Station $station): bool
    {
        return in_array($station, self::WITH_SCREWS, true);
    }

    public static function ofReport(Worksheet $sheet): self
    {
        return new self(self::latestTrace($sheet), [], ScrewHistory::none(), BenchGauges::none());
    }

    public static function none(): self
    {
        return new self(null, [], ScrewHistory::none(), BenchGauges::none());
    }

    private static function latestTrace(Worksheet $sheet): ?PressureTrace
    {
        $hold = $sheet->of(Holds::class)->latest();

        return $hold === null ? null : Trace::read($hold->setup->traceId);
    }
}
