<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use DustyJet\Carburetor\Card;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\Worksheet\BenchTest\HoldRecord;

/** What the form of the next run is filled with: as the last one was, else by the book. */
final readonly class HoldForm
{
    private function __construct(
        public string $volume,
        public string $volumeKnownTo,
        public string $limit,
        public string $limitNote,
        public string $method,
        public bool $suggestWet,
    ) {
    }

    public static function of(?HoldRecord $hold, Card $card, bool $isToBeWet): self
    {
        $limit = $hold->setup->limitMlMin ?? $card->holdLimit->inMillilitresPerMinute();
        $knownTo = $hold->setup->volumeKnownToPercent ?? 0.0;
        $volume = number_format($hold->setup->volumeMl ?? Rig::USUAL_MILLILITRES, 2, '.', '');

        return new self(
            volume: rtrim(rtrim($volume, '0'), '.'),
            volumeKnownTo: $knownTo === 0.0 ? '' : (string) $knownTo,
            limit: (string) $limit,
            limitNote: $limit === Limits::DEFAULT_ML_PER_MIN ? 'from memory' : 'as typed',
            method: $hold?->setup->isVacuum === true ? 'vacuum' : 'pressure',
            suggestWet: $isToBeWet || $hold?->setup->wetted === true,
        );
    }
}
