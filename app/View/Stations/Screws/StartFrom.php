<?php

declare(strict_types=1);

namespace App\View\Stations\Screws;

use App\Models\ScrewHistory;
use App\View\Numbers;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Screws\AdjusterState;

/** A setting to start a screw from, and why one would. */
final readonly class StartFrom
{
    private function __construct(public string $name, public string $value, public int $units, public string $from)
    {
    }

    /**
     * What this machine last ran well on comes first, then the book; as found is what to try where it will not start.
     *
     * @param  bool  $isToBeSet whether the book and as found, which the dial shows, are offered too
     *
     * @return list<self>
     */
    public static function all(AdjusterState $state, ScrewHistory $history, bool $isToBeSet): array
    {
        $shop = $history->ofShop[$state->adjuster->key] ?? null;
        $machine = $history->ofMachine[$state->adjuster->key] ?? null;
        $book = $state->adjuster->book;

        return array_values(array_filter([
            $state->caps === null || ! $isToBeSet ? null : self::of(
                $state, 'Middle of its cap', $state->caps->middle(), 'A sealed screw stays within its cap',
            ),
            self::of($state, 'This machine, last', $machine['turns'] ?? null, 'It ran so on '.($machine['number'] ?? '')),
            ! $isToBeSet || $state->caps?->allows($book->turns) === false ? null : new self(
                'Book',
                Numbers::book($book),
                $book->turns->inUnits(),
                "A place to start: {$book->provenance}",
            ),
            ! $isToBeSet ? null : self::of($state, 'As found', $state->found, 'If it will not start there'),
            self::of($state, 'This shop leaves', $shop['turns'] ?? null, 'The middle of its last '.($shop['jobs'] ?? 0).' jobs'),
        ]));
    }

    private static function of(AdjusterState $state, string $name, ?Turns $turns, string $from): ?self
    {
        if ($turns === null || ! $state->mayStartAt($turns)) {
            return null;
        }

        return new self($name, Numbers::inTurns($turns), $turns->inUnits(), $from);
    }
}
