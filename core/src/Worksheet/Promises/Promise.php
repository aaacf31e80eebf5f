<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Promises;

use DateTimeImmutable;

/** A check put off to later on this job: it must be kept before the machine goes back. */
final readonly class Promise
{
    /** @param  string|null  $result null while it is open */
    public function __construct(
        public string $entryId,
        public string $what,
        public DateTimeImmutable $at,
        public string $by,
        public ?string $result = null,
    ) {
    }

    public function kept(string $result): self
    {
        return new self($this->entryId, $this->what, $this->at, $this->by, $result);
    }
}
