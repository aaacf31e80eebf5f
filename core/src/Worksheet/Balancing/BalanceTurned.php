<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Balancing;

use DustyJet\Bank\Move;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The balance screw of one carburetor was turned. */
final readonly class BalanceTurned implements Act
{
    private const MOST_TURNS = 1.0;

    /** @param  float  $turns in is more than zero */
    private function __construct(public string $carburetor, public float $turns)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('carburetor', most: 40),
            Field::number('turns', -self::MOST_TURNS, self::MOST_TURNS)->orSay('Say how far it was turned.'),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('carburetor'), $payload->number('turns'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $bank = Ticket::bankOf($sheet->bench);
        $balancing = $sheet->of(Balancing::class);
        isset($bank[$this->carburetor]) || throw UnreadableEntry::unknownName('carburetor', $this->carburetor);
        $this->carburetor !== $balancing->reference || throw NotAllowedNow::ofTheReference($bank[$this->carburetor]);
        $turned = $balancing->turned?->carburetor;
        $isOther = $turned !== null && $turned !== $this->carburetor;
        $isOther && $corrects === null && throw NotAllowedNow::oneScrewAMove($bank[$turned] ?? $turned);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $isOfIt = isset(Ticket::bankOf($bench)[$this->carburetor]) && is_finite($this->turns)
            && abs($this->turns) <= self::MOST_TURNS;
        if (! $isOfIt || $this->carburetor === $bench->of(Balancing::class)->reference) {
            return $bench;
        }

        return $bench
            ->with($bench->of(Balancing::class)->turned(new Move($this->carburetor, $this->turns)))
            ->touched(Station::Run, $entry->at);
    }
}
