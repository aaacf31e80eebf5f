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
     * @param  list<string>  $tuning the screws in the order they are run in, by the card; the rest come after
     * @param  string  $tuningWhy why in that order, a sentence; empty where the order is the plain one
     * @param  list<string>  $starting what to do before and at the first pull, in order
     * @param  list<string>  $layUp what the owner does before the machine stands for a season, in order
     */
    public function __construct(
        public array $cautions,
        public array $hazards,
        public array $coach,
        public array $clocks,
        public array $stationMinutes,
        public array $tuning = [],
        public string $tuningWhy = '',
        public array $starting = [],
        public array $layUp = [],
    ) {
    }
}
