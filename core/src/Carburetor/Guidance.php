<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What a technician is told along the way, and how long things take. */
final readonly class Guidance
{
    /**
     * @param  array<string, Caution>  $cautions
     * @param  array<string, string>  $hazards the usual caution of a station
     * @param  array<string, string>  $coach more words for a learner, by station
     * @param  array<string, Clock>  $clocks
     * @param  array<string, int>  $stationMinutes
     */
    public function __construct(
        public array $cautions,
        public array $hazards,
        public array $coach,
        public array $clocks,
        public array $stationMinutes,
    ) {
    }
}
