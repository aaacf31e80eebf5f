<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\HandBack;

use DateTimeImmutable;

/** A check before the hand-back, with its last outcome. */
final readonly class CheckState
{
    private function __construct(
        public string $key,
        public string $do,
        public bool $takesRpm,
        public ?bool $passed,
        public ?float $rpm,
        public ?DateTimeImmutable $at,
    ) {
    }

    public static function open(string $key, string $do, bool $takesRpm): self
    {
        return new self($key, $do, $takesRpm, null, null, null);
    }

    public function done(bool $passed, ?float $rpm, DateTimeImmutable $at): self
    {
        return new self($this->key, $this->do, $this->takesRpm, $passed, $rpm, $at);
    }
}
