<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\Carburetor\Sense;

final readonly class Intake
{
    public function __construct(
        public string $entryId,
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
        public DateTimeImmutable $at,
    ) {
    }

    public static function of(Entry $entry): self
    {
        $parsed = DateTimeImmutable::createFromFormat(DateTimeImmutable::ATOM, $entry->text('promised_at'));

        return new self(
            $entry->id,
            $entry->text('machine'),
            $entry->text('engine'),
            $entry->textOrNull('serial'),
            $entry->textOrNull('customer'),
            $entry->text('complaint'),
            $entry->text('variant'),
            Sense::tryFrom($entry->text('idle_sense')) ?? Sense::Fuel,
            $entry->integerOrNull('stored_days'),
            $entry->integerOrNull('fuel_age_days'),
            $parsed === false ? null : $parsed,
            $entry->at,
        );
    }
}
