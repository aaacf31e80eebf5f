<?php

declare(strict_types=1);

namespace App\View\Sheet;

use DustyJet\BenchLog\Entry;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Strip\MovesParts;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** The latest entry that moved a part, ready to be struck. */
final readonly class Undo
{
    private function __construct(public string $entry, public string $part)
    {
    }

    /** Of those that move parts this way. */
    public static function latestAt(Station $station, Worksheet $sheet): ?self
    {
        $part = static function (Entry $entry) use ($station): ?string {
            $act = EntryKind::actOf($entry);

            return $act instanceof MovesParts && $act->station() === $station ? $act->part() : null;
        };
        $entry = $sheet->log->latest(static fn (Entry $e): bool => $part($e) !== null);
        if ($entry === null) {
            return null;
        }
        $key = (string) $part($entry);
        $tray = $sheet->of(Parts::class)->build->tray;

        return new self($entry->id, $tray->cell($key)->name ?? $tray->plan->parts[$key]->name ?? $key);
    }
}
