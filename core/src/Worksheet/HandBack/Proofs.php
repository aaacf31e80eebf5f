<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\HandBack;

use DateTimeImmutable;
use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** What is proved before a machine goes home, and whether it went. */
final readonly class Proofs implements Ledger
{
    /**
     * @param  array<string, CheckState>  $checks all that the family asks
     * @param  string|null  $unrepaired why it went back as it is
     */
    private function __construct(
        public array $checks,
        public ?DateTimeImmutable $handedBackAt,
        public ?string $advice,
        public ?string $unrepaired = null,
    ) {
    }

    public static function atStart(Family $family): self
    {
        $checks = [];
        foreach ($family->proof->checks as $key => $check) {
            $checks[$key] = CheckState::open($key, $check->do, $check->takesRpm);
        }

        return new self($checks, null, null);
    }

    public function with(CheckState $check): self
    {
        return new self(array_replace($this->checks, [$check->key => $check]), $this->handedBackAt, $this->advice);
    }

    /** What was checked has been undone since: it is to be checked again. */
    public function reopened(string $check): self
    {
        $state = $this->checks[$check] ?? null;

        return $state?->passed === null ? $this : $this->with(CheckState::open($check, $state->do, $state->takesRpm));
    }

    public function handedBack(DateTimeImmutable $at, ?string $advice): self
    {
        return new self($this->checks, $at, $advice);
    }

    public function returned(DateTimeImmutable $at, string $reason): self
    {
        return new self($this->checks, $at, null, $reason);
    }

    /** @return list<CheckState> not passed, or never done */
    public function missing(): array
    {
        return array_values(array_filter($this->checks, static fn (CheckState $c): bool => $c->passed !== true));
    }
}
