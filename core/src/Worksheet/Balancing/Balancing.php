<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Balancing;

use DustyJet\Bank\Balance;
use DustyJet\Bank\Bank;
use DustyJet\Bank\Move;
use DustyJet\Bank\Reading;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Stale\Reading as Taken;
use DustyJet\Worksheet\Stale\Rechecked;

/** A bank on its way into balance: the reference, what was read of every carburetor, and the screw turned since. */
final readonly class Balancing implements Rechecked
{
    /** The name a disturbance doubts it under. */
    public const READING = 'balance';

    private const MINUTES = 8;

    /**
     * @param  list<Reading>  $readings of this reference, oldest first
     * @param  Move|null  $turned since the last reading
     */
    private function __construct(
        public ?string $reference = null,
        public array $readings = [],
        public ?Move $turned = null,
    ) {
    }

    public static function atStart(Family $family): self
    {
        return new self;
    }

    public function referring(string $carburetor): self
    {
        return $carburetor === $this->reference ? $this : new self($carburetor);
    }

    /** @param  array<string, non-empty-list<float>>  $vacuum inHg by carburetor, a value a blip */
    public function read(array $vacuum): self
    {
        return new self($this->reference, [...$this->readings, new Reading($this->turned, $vacuum)]);
    }

    /** Turned again before a reading, a screw has gone both ways; after another, what was read before tells nothing. */
    public function turned(Move $move): self
    {
        $before = $this->turned;
        if ($before !== null && $before->carburetor !== $move->carburetor) {
            return new self($this->reference, [], null);
        }

        return new self($this->reference, $this->readings, new Move($move->carburetor, ($before->turns ?? 0.0) + $move->turns));
    }

    /**
     * What is to be done next; null while nothing was read, or a screw was turned since.
     *
     * @param  list<string>  $carburetors top first
     */
    public function balance(array $carburetors): ?Balance
    {
        return $this->reference === null || $this->readings === [] || $this->turned !== null
            ? null
            : Balance::of(new Bank($carburetors, $this->reference, $this->readings));
    }

    /** @param  list<string>  $carburetors top first */
    public function isDone(array $carburetors): bool
    {
        return $this->balance($carburetors)?->isDone() === true;
    }

    public function taken(): array
    {
        return $this->readings === []
            ? []
            : [self::READING => new Taken('Balance of the bank', Station::Run, self::MINUTES)];
    }
}
