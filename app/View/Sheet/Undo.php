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
        $parts = static function (Entry $entry) use ($station): array {
            // Its kind first: of a long log few entries move a part, and an act is made only of those.
            $act = $entry->kind instanceof EntryKind && is_subclass_of($entry->kind->act(), MovesParts::class)
                ? EntryKind::actOf($entry)
                : null;

            return $act instanceof MovesParts && $act->station() === $station ? $act->parts() : [];
        };
        $entry = $sheet->log->latest(static fn (Entry $e): bool => $parts($e) !== []);
        if ($entry === null) {
            return null;
        }
        $moved = $parts($entry);
        $last = (string) end($moved);
        $tray = $sheet->of(Parts::class)->build->tray;
        $more = count($moved) > 1 ? ' and '.(count($moved) - 1).' before it' : '';

        return new self($entry->id, ($tray->cell($last)->name ?? $tray->plan->parts[$last]->name ?? $last).$more);
    }
}
