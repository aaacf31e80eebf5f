<?php

declare(strict_types=1);

namespace App\View\Board;

use DateTimeInterface;

/** What a job on the board waits for, and the day it was promised for; without words when it waits for nothing. */
final readonly class BoardWait
{
    private function __construct(public string $for, public string $until, public bool $isOver)
    {
    }

    public static function of(string $for, ?DateTimeInterface $until, DateTimeInterface $now): self
    {
        $isOver = $until !== null && $until->format('Y-m-d') < $now->format('Y-m-d');
        $said = match (true) {
            $until === null => 'no day said',
            $isOver => 'was due '.$until->format('M j'),
            default => 'until '.$until->format('D, M j'),
        };

        return new self($for, $for === '' ? '' : $said, $for !== '' && $isOver);
    }
}
