<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Intake;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\Carburetor\Sense;

/** The machine that came in, as the last word on it has it. */
final readonly class Intake
{
    private function __construct(
        public string $entryId,
        public DateTimeImmutable $at,
        public string $machine,
        public string $engine,
        public ?string $serial,
        public ?string $customer,
        public string $complaint,
        public string $variant,
        public Sense $idleSense,
        public ?int $storedDays,
        public ?int $fuelAgeDays,
        public ?DateTimeImmutable $promisedAt,
    ) {
    }

    public static function of(Entry $entry): self
    {
        $said = $entry->payload;
        $promised = DateTimeImmutable::createFromFormat(DATE_ATOM, $said->textOrNull('promised_at') ?? '');

        return new self(
            entryId: $entry->id,
            at: $entry->at,
            machine: $said->text('machine'),
            engine: $said->text('engine'),
            serial: $said->textOrNull('serial'),
            customer: $said->textOrNull('customer'),
            complaint: $said->text('complaint'),
            variant: $said->text('variant'),
            idleSense: Sense::tryFrom($said->text('idle_sense')) ?? Sense::Fuel,
            storedDays: $said->integerOrNull('stored_days'),
            fuelAgeDays: $said->integerOrNull('fuel_age_days'),
            promisedAt: $promised === false ? null : $promised,
        );
    }
}
