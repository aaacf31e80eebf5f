<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Length;

/** A leak at the settled start, with its interval. */
final readonly class LeakFound
{
    /** @param  Length|null  $hole sharp round hole of the same flow; null when tight */
    public function __construct(public Flow $best, public Flow $low, public Flow $high, public ?Length $hole)
    {
    }
}
