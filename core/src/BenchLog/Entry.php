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
     * @param  array<string, mixed>  $payload checked against the kind
     * @param  string|null  $supersedes id of the entry this one corrects or strikes
     */
    private function __construct(
        public string $id,
        public int $seq,
        public EntryKind $kind,
        private array $payload,
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
    public static function of(string $id, int $seq, EntryKind $kind, array $payload, DateTimeImmutable $at, string $by, ?string $supersedes = null): self
    {
        $kind->check($payload);

        return new self($id, $seq, $kind, $payload, $at, $by, $supersedes);
    }

    public function text(string $field): string
    {
        $value = $this->payload[$field] ?? null;

        return is_string($value) ? $value : '';
    }

    public function textOrNull(string $field): ?string
    {
        return isset($this->payload[$field]) ? $this->text($field) : null;
    }

    public function integer(string $field): int
    {
        $value = $this->payload[$field] ?? null;

        return is_int($value) ? $value : 0;
    }

    public function integerOrNull(string $field): ?int
    {
        return isset($this->payload[$field]) ? $this->integer($field) : null;
    }

    public function number(string $field): float
    {
        $value = $this->payload[$field] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    public function numberOrNull(string $field): ?float
    {
        return isset($this->payload[$field]) ? $this->number($field) : null;
    }

    public function flag(string $field): bool
    {
        return ($this->payload[$field] ?? false) === true;
    }

    /** @return array<array-key, mixed> */
    public function map(string $field): array
    {
        $value = $this->payload[$field] ?? [];

        return is_array($value) ? $value : [];
    }

    /** @return array<string, mixed> */
    public function payload(): array
    {
        return $this->payload;
    }

    /** The same entry standing where another stood: a correction takes its place in the replay. */
    public function standingAt(int $seq): self
    {
        return new self($this->id, $seq, $this->kind, $this->payload, $this->at, $this->by, $this->supersedes);
    }
}
