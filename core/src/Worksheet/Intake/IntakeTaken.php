<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Intake;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\TypedAs;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Sense;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Exclusive;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** A machine came in, with its carburetor and its complaint. A correction lays out another tray. */
final readonly class IntakeTaken implements Exclusive
{
    private const MOST_DAYS = 20000;

    private function __construct(
        public string $complaint,
        private string $variant,
        private ?Sense $idleSense,
        private ?string $comesBackFrom,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('machine', most: 120)->orSay('Name the machine, as the customer would.'),
            Field::text('engine', most: 120)->orSay('Say which engine it is.'),
            Field::text('serial', most: 60)->optional(),
            Field::text('customer', most: 120)->optional(),
            Field::text('complaint', most: 600)->orSay('Tick a complaint, or write it in the customer\'s words.'),
            Field::text('variant', most: 40),
            Field::text('idle_sense')->among('fuel', 'air')->otherwise('fuel'),
            Field::integer('stored_days', 0, self::MOST_DAYS)->optional(),
            Field::integer('fuel_age_days', 0, self::MOST_DAYS)->optional(),
            Field::text('promised_at')->optional()->typedAs(TypedAs::Time),
            Field::text('comes_back_from', most: 20)->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        $idleSense = Sense::tryFrom($payload->text('idle_sense'));

        return new self(
            $payload->text('complaint'),
            $payload->text('variant'),
            $idleSense,
            $payload->textOrNull('comes_back_from'),
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $isKnown = isset($sheet->family->variants[$this->variant]) && $this->idleSense !== null;
        $isKnown || throw UnreadableEntry::unknownName('variant', $this->variant);
    }

    public function clashesWith(Act $newer): bool
    {
        return $newer instanceof self;
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench
            ->with(new Ticket(Intake::of($entry), $this->comesBackFrom ?? $bench->of(Ticket::class)->comesBackFrom))
            ->with($bench->of(Screws::class)->of($bench->family, $this->variant, $this->idleSense ?? Sense::Fuel))
            ->with($bench->of(Parts::class)->laidOut($bench->family->plan($this->variant)))
            ->touched(Station::Intake, $entry->at);
    }
}
