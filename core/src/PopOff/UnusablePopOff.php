<?php

declare(strict_types=1);

namespace DustyJet\PopOff;

use DustyJet\Rejected;

/** A trace in which no needle can pop. */
final class UnusablePopOff extends \DomainException implements Rejected
{
    public static function none(): self
    {
        return new self('Nothing pops in this file: a pop is a sudden fall of half a psi or more to a level. Pump slower?');
    }

    public static function vacuum(): self
    {
        return new self('A needle pops under pressure: this trace is a vacuum. Pump pressure into the inlet.');
    }

    public function reason(): string
    {
        return 'unusable_pop_off';
    }
}
