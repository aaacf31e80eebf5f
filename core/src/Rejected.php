<?php

declare(strict_types=1);

namespace DustyJet;

/**
 * Wrong data, as opposed to a bug: the message tells a technician what to do, the code tells a machine what it was.
 */
interface Rejected extends \Throwable
{
    /** A stable, lower snake case name of the fact, e.g. `too_few_readings`. */
    public function reason(): string;
}
