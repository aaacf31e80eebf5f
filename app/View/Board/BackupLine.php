<?php

declare(strict_types=1);

namespace App\View\Board;

use DateTimeInterface;

/** How old the last backup is, in words. */
final readonly class BackupLine
{
    /** A shop that backs up every night may be some hours late. */
    private const DUE_AFTER_HOURS = 30;

    private function __construct(public string $said, public bool $isDue)
    {
    }

    public static function of(?DateTimeInterface $last, DateTimeInterface $now): self
    {
        if ($last === null) {
            return new self('No backup yet. bin/backup DIR writes one; let it run every night, to another disk.', true);
        }
        $hours = intdiv(max(0, $now->getTimestamp() - $last->getTimestamp()), 3600);
        $ago = match (true) {
            $hours < 1 => 'less than an hour',
            $hours < 48 => $hours === 1 ? '1 hour' : "{$hours} hours",
            default => intdiv($hours, 24).' days',
        };

        return new self("Last backup {$ago} ago.", $hours >= self::DUE_AFTER_HOURS);
    }
}
