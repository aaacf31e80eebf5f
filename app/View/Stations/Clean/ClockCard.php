<?php

declare(strict_types=1);

namespace App\View\Stations\Clean;

use App\View\Numbers;
use DustyJet\Worksheet\Clocks\ClockRecord;
use Illuminate\Support\Facades\Date;

/** A clock that runs or is due. */
final readonly class ClockCard
{
    /** @param  int  $level how full it is, in percent */
    private function __construct(
        public string $id,
        public string $name,
        public string $what,
        public string $left,
        public string $due,
        public bool $isDue,
        public int $level,
    ) {
    }

    public static function of(ClockRecord $clock): self
    {
        $left = $clock->dueAt()->getTimestamp() - Date::now()->getTimestamp();

        return new self(
            id: $clock->entryId,
            name: $clock->name,
            what: $clock->what ?? '',
            left: $left <= 0 ? 'time is up' : Numbers::countdown($left),
            due: $clock->dueAt()->format(DATE_ATOM),
            isDue: $left <= 0,
            level: max(0, min(100, (int) round(100 * $left / (60 * $clock->minutes)))),
        );
    }
}
