<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

use DateTimeImmutable;

/** One thing that was seen, measured, done or decided: by whom and when. Never changed. */
final readonly class Entry
{
    /**
     * @param  string  $id made by the client, so that a resent request adds nothing
     * @param  int  $seq place in the log, from 1
     * @param  string|null  $supersedes id of the entry this one corrects or strikes
     */
    private function __construct(
        public string $id,
        public int $seq,
        public Kind $kind,
        public Payload $payload,
        public DateTimeImmutable $at,
        public string $by,
        public ?string $supersedes,
    ) {
    }

    /**
     * @param  array<string, mixed>  $payload
     *
     * @throws UnreadableEntry If the payload is not of this kind.
     */
    public static function of(
        string $id,
        int $seq,
        Kind $kind,
        array $payload,
        DateTimeImmutable $at,
        string $by,
        ?string $supersedes = null,
    ): self {
        return new self($id, $seq, $kind, $kind->shape()->read($kind->name(), $payload), $at, $by, $supersedes);
    }

    /** The same entry standing where another stood: a correction takes its place in the replay. */
    public function standingAt(int $seq): self
    {
        return new self($this->id, $seq, $this->kind, $this->payload, $this->at, $this->by, $this->supersedes);
    }
}
