<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Rejected;

/** An instrument sends, and is on no job. */
final class NoRunOpen extends \DomainException implements Rejected
{
    public static function of(Instrument $instrument): self
    {
        return new self("{$instrument->name} is on no job: put it on one at Bench test. Nothing was kept.");
    }

    public function reason(): string
    {
        return 'no_run';
    }
}
