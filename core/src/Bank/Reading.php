<?php

declare(strict_types=1);

namespace DustyJet\Bank;

/** The vacuum of every carburetor at idle, read once after each blip of the throttle. */
final readonly class Reading
{
    /**
     * @param  Move|null  $after the move before it
     * @param  array<string, non-empty-list<float>>  $vacuum inHg by carburetor, a value a blip
     */
    public function __construct(public ?Move $after, public array $vacuum)
    {
    }

    public function mean(string $carburetor): float
    {
        return array_sum($this->vacuum[$carburetor]) / count($this->vacuum[$carburetor]);
    }

    /** What was read of a carburetor, less its mean, squared. */
    public function scatter(string $carburetor): float
    {
        $mean = $this->mean($carburetor);

        return array_sum(array_map(static fn (float $v): float => ($v - $mean) ** 2, $this->vacuum[$carburetor]));
    }
}
