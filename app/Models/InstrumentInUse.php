<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Rejected;

/** An instrument that cannot be put on this job. */
final class InstrumentInUse extends \DomainException implements Rejected
{
    public static function on(Job $job, Instrument $instrument): self
    {
        return new self("{$instrument->name} is on {$job->number}, {$job->machine}. Take it off there first.");
    }

    public static function revoked(Instrument $instrument): self
    {
        return new self("{$instrument->name} was taken out of use. Choose another.");
    }

    public function reason(): string
    {
        return 'instrument_in_use';
    }
}
