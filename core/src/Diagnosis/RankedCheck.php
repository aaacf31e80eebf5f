<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** A check that can be done now, with what it is worth. */
final readonly class RankedCheck
{
    /**
     * @param  float  $minutes with the access still missing
     * @param  float  $gain expected minutes to cure that it saves, its own taken off
     * @param  list<string>  $opens what has to be opened for it
     * @param  list<array{answers: array<string, Answer>, probability: float, leader: string|null, leaderChance: float,
     *     shortlisted: float}>  $outcomes with how many of its faults are to be expected among the three likeliest
     * @param  bool  $bears whether it can find a fault that explains the complaint
     * @param  string|null  $togetherWith a second check without which it is not worth doing
     */
    public function __construct(
        public Check $check,
        public float $minutes,
        public float $gain,
        public array $opens,
        public array $outcomes,
        public bool $bears,
        public ?string $togetherWith = null,
    ) {
    }

    /** How many of its faults are to be expected among the three likeliest after it, on the average: 0 to 2. */
    public function shortlisted(): float
    {
        return array_sum(array_map(static fn (array $o): float => $o['probability'] * $o['shortlisted'], $this->outcomes));
    }

    /** Whether some answer would put another fault at the top. */
    public function canChangeLeader(?string $leader): bool
    {
        foreach ($this->outcomes as $outcome) {
            if ($outcome['leader'] !== $leader && $outcome['probability'] > 0.005) {
                return true;
            }
        }

        return false;
    }
}
