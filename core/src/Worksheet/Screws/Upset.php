<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\BenchLog\Entry;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Intake\Ticket;

/** A screw that moves makes others doubtful; setting it where it stands is a re-check that passed. */
final readonly class Upset
{
    public static function by(AdjusterState $before, Turns $turns, Bench $bench, Entry $entry): Bench
    {
        if (! $before->isMovedBy($turns)) {
            return $bench;
        }
        $variant = $bench->of(Ticket::class)->intake->variant ?? '';
        $doubts = $bench->family->upsetBy($before->adjuster->key, $variant);

        return $bench->doubting($doubts, "{$before->adjuster->name} was moved at the bench", $entry->at);
    }
}
