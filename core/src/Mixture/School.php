<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * Where practitioners leave a mixture screw. Peak and midpoint are both sound: the card proposes one, the technician may
 * overrule. H of a two-stroke is set from the rich side and by no other.
 */
enum School: string
{
    case Peak = 'peak';
    case Midpoint = 'midpoint';
    case RichSide = 'rich_side';

    /** @return non-empty-list<self> what a screw may be set by instead */
    public function choices(): array
    {
        return $this === self::RichSide ? [self::RichSide] : [self::Peak, self::Midpoint];
    }

    /** As a technician would say it. */
    public function title(): string
    {
        return match ($this) {
            self::Peak => 'Peak',
            self::Midpoint => 'Midpoint',
            self::RichSide => 'Rich side',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::Peak => 'Fastest steady idle: the circuit gives most for its air. Usual for outboards and idle screws.',
            self::Midpoint => 'Half-way between the lean stumble and the rich stumble: keeps a margin on both sides '
                .'as weather and fuel change. Usual for mowers and main needles.',
            self::RichSide => 'From the rich side, left rich of the fastest and under the maker\'s maximum: the fuel '
                .'carries the oil, and a lean two-stroke revs higher, then seizes. Peak and midpoint pass the fastest.',
        };
    }
}
