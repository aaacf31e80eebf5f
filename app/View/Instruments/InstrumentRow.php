<?php

declare(strict_types=1);

namespace App\View\Instruments;

use App\Models\Instrument;
use DustyJet\Instrument\Measurand;
use DustyJet\Quantity\PressureUnit;

/** An instrument with what its readings are corrected by, in the unit of its face. */
final readonly class InstrumentRow
{
    private function __construct(
        public string $id,
        public string $name,
        public string $about,
        public bool $isRevoked,
        public string $unit,
        public string $offset,
        public string $span,
        public string $step,
    ) {
    }

    public static function of(Instrument $instrument): self
    {
        $unit = match ($instrument->measurand) {
            Measurand::Pressure => PressureUnit::Psi,
            Measurand::Vacuum => PressureUnit::InchOfMercury,
            Measurand::Rpm => null,
        };
        $factor = $unit?->kilopascals() ?? 1.0;
        $channels = $instrument->channels > 1 ? ", {$instrument->channels} channels" : '';
        $revoked = $instrument->revoked_at === null ? '' : ', out of use since '.$instrument->revoked_at->format('M j');
        // As a form takes it back.
        $short = static fn (float $v): string => rtrim(rtrim(sprintf('%.4f', $v), '0'), '.');

        return new self(
            id: $instrument->id,
            name: $instrument->name,
            about: $instrument->measurand->label().$channels.', since '.$instrument->made_at->format('M j').$revoked,
            isRevoked: $instrument->revoked_at !== null,
            unit: $unit?->symbol() ?? 'rpm',
            offset: $short($instrument->offset / $factor),
            span: $short($instrument->span),
            step: $short($instrument->step / $factor),
        );
    }
}
