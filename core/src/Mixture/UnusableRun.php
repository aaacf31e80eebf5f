<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

use DustyJet\Rejected;

final class UnusableRun extends \DomainException implements Rejected
{
    private function __construct(private readonly string $fact, string $message)
    {
        parent::__construct($message);
    }

    public static function empty(): self
    {
        return new self('no_readings', 'A mixture run needs at least one reading of turns and rpm.');
    }

    public static function tooMany(int $most): self
    {
        return new self('too_many_readings', "A mixture run has at most {$most} readings.");
    }

    public static function badHeader(string $header): self
    {
        $shown = mb_substr(mb_scrub($header), 0, 60);

        return new self('bad_header', "Line 1: the columns must be turns and rpm, but it says \"{$shown}\".");
    }

    public static function badLine(int $line, string $why): self
    {
        return new self('bad_line', "Line {$line}: {$why}");
    }

    public function reason(): string
    {
        return $this->fact;
    }
}
