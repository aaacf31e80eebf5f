<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Rejected;

/** An instrument sends faster than it is listened to. */
final class TooManyBatches extends \DomainException implements Rejected
{
    public function __construct(public readonly int $afterSeconds = 1)
    {
        parent::__construct('Too many batches: keep everything, wait, and send more at once. Nothing was kept.');
    }

    public function reason(): string
    {
        return 'too_many_batches';
    }
}
