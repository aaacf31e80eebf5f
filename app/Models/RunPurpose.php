<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Instrument\Measurand;

/** What an instrument is watched for. */
enum RunPurpose: string
{
    case Hold = 'hold';
    case Pops = 'pops';
    case Speed = 'speed';
    case Columns = 'columns';

    /** Whether it is watched where the engine runs, and logged by hand. */
    public function isAtRun(): bool
    {
        return $this === self::Speed || $this === self::Columns;
    }

    /** @return list<Measurand> what may be put on a job for it */
    public function measurands(): array
    {
        return match ($this) {
            self::Hold, self::Pops => [Measurand::Pressure, Measurand::Vacuum],
            self::Speed => [Measurand::Rpm],
            self::Columns => [Measurand::Vacuum],
        };
    }
}
