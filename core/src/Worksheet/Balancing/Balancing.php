<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Balancing;

use DustyJet\Bank\Balance;
use DustyJet\Bank\Bank;
use DustyJet\Bank\Move;
use DustyJet\Bank\Reading;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Stale\Reading as Taken;
use DustyJet\Worksheet\Stale\Rechecked;
use DustyJet\Worksheet\Worksheet;

/** A bank on its way into balance: the reference, what was read of every carburetor, and the screw turned since. */
final readonly class Balancing implements Rechecked
{
    /** The name a disturbance doubts it under. */
    public const READING = 'balance';

    private const MINUTES = 8;

    /**
     * @param  list<Reading>  $readings of this reference, oldest first
     * @param  Move|null  $turned since the last reading
     * @param  array<string, float>  $total turns each screw was turned in all, by carburetor
     */
    private function __construct(
        public ?string $reference = null,
        public array $readings = [],
        public ?Move $turned = null,
        public array $total = [],
    ) {
    }

    /** Whether the balance of the bank is in hand at Run: asked for, or all that is left. */
    public static function isInHand(Worksheet $sheet, string $screw): bool
    {
        $open = $sheet->of(Screws::class)->count(static fn (AdjusterState $s): bool => $s->left === null);

        return Ticket::bankOf($sheet->bench) !== [] && ($screw === self::READING || ($screw === '' && $open === 0));
    }

    public static function atStart(Family $family): self
    {
        return new self;
    }

    public function referring(string $carburetor): self
    {
        return $carburetor === $this->reference ? $this : new self($carburetor, total: $this->total);
    }

    /** @param  array<string, non-empty-list<float>>  $vacuum inHg by carburetor, a value a blip */
    public function read(array $vacuum): self
    {
        $readings = [...$this->readings, new Reading($this->turned, $vacuum)];

        return new self($this->reference, $readings, total: $this->total);
    }

    /** Turned again before a reading, a screw has gone both ways; after another, what was read before tells nothing. */
    public function turned(Move $move): self
    {
        $before = $this->turned;
        $total = [...$this->total, $move->carburetor => ($this->total[$move->carburetor] ?? 0.0) + $move->turns];
        if ($before !== null && $before->carburetor !== $move->carburetor) {
            return new self($this->reference, total: $total);
        }

        $since = new Move($move->carburetor, ($before->turns ?? 0.0) + $move->turns);

        return new self($this->reference, $this->readings, $since, $total);
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
