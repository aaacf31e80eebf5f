<?php

declare(strict_types=1);

namespace App\View\Board;

use App\View\Numbers;
use DateTimeInterface;

/** When a machine was promised. */
final readonly class BoardPromise
{
    private function __construct(public string $when, public string $inLine, public bool $isLate)
    {
    }

    public static function of(?DateTimeInterface $at, DateTimeInterface $now): self
    {
        if ($at === null) {
            return new self('no date', 'no date', false);
        }
        $when = Numbers::day($at, $now);

        return new self($when, str_replace('Today', 'today', $when), $at < $now);
    }
}
