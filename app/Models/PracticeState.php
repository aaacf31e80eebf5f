<?php

declare(strict_types=1);

namespace App\Models;

/** What a virtual engine on a job stands at: which one it is, its screws as the dials have them, and the throttle. */
final readonly class PracticeState
{
    /** @param  array<string, int>  $screws in 1/48 turn, by name */
    public function __construct(public int $seed, public array $screws = [], public bool $isFullThrottle = false)
    {
    }

    public function turning(string $screw, int $units, bool $isFullThrottle): self
    {
        return new self($this->seed, [...$this->screws, $screw => $units], $isFullThrottle);
    }

    /** @param  array<array-key, mixed>  $kept */
    public static function of(array $kept): self
    {
        $screws = is_array($kept['screws'] ?? null) ? array_filter($kept['screws'], is_int(...)) : [];
        $named = [];
        foreach ($screws as $name => $units) {
            $named[(string) $name] = $units;
        }

        return new self(is_int($kept['seed'] ?? null) ? $kept['seed'] : 1, $named, ($kept['full'] ?? false) === true);
    }

    /** @return array<string, mixed> as it is kept */
    public function toArray(): array
    {
        return ['seed' => $this->seed, 'screws' => $this->screws, 'full' => $this->isFullThrottle];
    }
}
