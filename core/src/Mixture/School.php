<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/** Where practitioners leave a mixture screw. Both are sound; the card proposes one, the technician may overrule. */
enum School: string
{
    case Peak = 'peak';
    case Midpoint = 'midpoint';

    public function why(): string
    {
        return match ($this) {
            self::Peak => 'Fastest steady idle: the circuit gives most for its air. Usual for outboards and idle screws.',
            self::Midpoint => 'Half-way between the lean stumble and the rich stumble: keeps a margin on both sides '
                .'as weather and fuel change. Usual for mowers and main needles.',
        };
    }
}
