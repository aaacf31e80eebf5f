<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** What was noted of rods, springs and hoses; the last word on each. */
final readonly class LinkNotes implements Ledger
{
    /** @param  array<string, LinkNote>  $all by link */
    private function __construct(public array $all)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function with(LinkNote $note): self
    {
        return new self(array_replace($this->all, [$note->link => $note]));
    }
}
