<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Waits;

/** Who or what a job waits for. */
enum WaitsFor: string
{
    case Part = 'part';
    case Customer = 'customer';

    public function label(): string
    {
        return match ($this) {
            self::Part => 'a part',
            self::Customer => 'the customer',
        };
    }

    /** What ends it, on a key. */
    public function ends(): string
    {
        return match ($this) {
            self::Part => 'It is here',
            self::Customer => 'They answered',
        };
    }
}
