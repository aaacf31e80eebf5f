<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Idling;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Card;
use DustyJet\Carburetor\Need;
use DustyJet\Carburetor\Station;
use DustyJet\Governor\IdleManner;
use DustyJet\Governor\IdleSpeed;
use DustyJet\Governor\UnusableSpeed;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The idle was read on the tachometer, and listened to. */
final readonly class IdleRead implements Act
{
    private function __construct(public float $rpm, public string $manner)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::rpm(),
            Field::text('manner')->among(...array_column(IdleManner::cases(), 'value'))->otherwise('smooth'),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->number('rpm'), $payload->text('manner'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $inTheWay = Machine::on($sheet->bench)->inTheWay(Need::Whole);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
        $this->speed($sheet->family->card) ?? throw NotAllowedNow::notOfThisFamily('An idle of the card');
    }

    /** @throws UnusableSpeed If it cannot be. */
    private function speed(Card $card): ?IdleSpeed
    {
        $manner = IdleManner::tryFrom($this->manner) ?? IdleManner::Smooth;

        return $card->idleRpm === null ? null : IdleSpeed::of($card->idleRpm, $card->drive, $this->rpm, $manner);
    }

    public function heard(): ?IdleManner
    {
        return IdleManner::tryFrom($this->manner);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        try {
            $idling = new Idling($this->speed($bench->family->card));

            return $bench->with($idling)->renewed(Idling::READING)->touched(Station::Run, $entry->at);
        } catch (UnusableSpeed) {
            return $bench;
        }
    }
}
