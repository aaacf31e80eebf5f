<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

use DustyJet\Rejected;

final class LogMovedOn extends \RuntimeException implements Rejected
{
    public static function by(string $who, string $what): self
    {
        return new self(
            "{$who} logged \"{$what}\" while you were looking. Nothing of yours was saved: look at the sheet as it is now, then decide again.",
        );
    }

    public static function neverSoLong(): self
    {
        return new self('This sheet is of another log than the job has now. Open the job again, then decide.');
    }

    public function reason(): string
    {
        return 'log_moved_on';
    }
}
