<?php

declare(strict_types=1);

namespace DustyJet\Instrument;

use DustyJet\Rejected;

/** A batch of samples of which nothing is kept. */
final class UnusableBatch extends \DomainException implements Rejected
{
    private function __construct(private readonly string $why, public readonly int $atLine, string $message)
    {
        parent::__construct($message);
    }

    public static function line(string $why, int $line, string $must): self
    {
        return new self($why, $line, "Line {$line}: {$must}. Nothing of the batch was kept.");
    }

    public function reason(): string
    {
        return $this->why;
    }
}
