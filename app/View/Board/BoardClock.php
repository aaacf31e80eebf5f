<?php

declare(strict_types=1);

namespace App\View\Board;

use App\View\Numbers;
use DateTimeInterface;

/** The next clock of a job to ring; without words when none runs. */
final readonly class BoardClock
{
    private function __construct(public string $said, public bool $isDue)
    {
    }

    public static function of(string $name, ?DateTimeInterface $dueAt, DateTimeInterface $now): self
    {
        return match (true) {
            $dueAt === null => new self('', false),
            $dueAt <= $now => new self("{$name}, time is up", true),
            default => new self("{$name}, until ".Numbers::clock($dueAt), false),
        };
    }
}
