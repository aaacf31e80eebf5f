<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DateTimeImmutable;

/** What was noted of a rod, spring or hose before it came off. */
final readonly class LinkNote
{
    public function __construct(
        public string $link,
        public string $text,
        public string $entryId,
        public DateTimeImmutable $at,
        public string $by,
    ) {
    }
}
