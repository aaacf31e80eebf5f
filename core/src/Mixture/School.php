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
    case Flutter = 'flutter';

    /** Old logs and cards call the flutter school by the side it works from. */
    public static function named(string $name): ?self
    {
        return $name === 'rich_side' ? self::Flutter : self::tryFrom($name);
    }

    /** @return non-empty-list<self> what a screw may be set by instead */
    public function choices(): array
    {
        return $this === self::Flutter ? [self::Flutter] : [self::Peak, self::Midpoint];
    }

    /** @return non-empty-list<Mark> what to listen for */
    public function marks(): array
    {
        return $this === self::Flutter
            ? [Mark::Flutter, Mark::Clean, Mark::Smoke, Mark::Dies]
            : [Mark::RoughLean, Mark::Hesitates, Mark::Clean, Mark::RoughRich, Mark::DiesOnItsSide, Mark::Dies];
    }

    /** As a technician would say it. */
    public function title(): string
    {
        return match ($this) {
            self::Peak => 'Peak',
            self::Midpoint => 'Midpoint',
            self::Flutter => 'Flutter',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::Peak => 'Fastest steady idle: the circuit gives most for its air. Usual for outboards and idle screws.',
            self::Midpoint => 'Half-way between the lean stumble and the rich stumble: keeps a margin on both sides '
                .'as weather and fuel change. Usual for mowers and main needles.',
            self::Flutter => 'From the rich side, left where the flutter of full throttle just clears, rich of the fastest '
                .'and under the maker\'s maximum: the fuel carries the oil, and a lean two-stroke revs higher, then '
                .'seizes. Peak and midpoint pass the fastest.',
        };
    }
}
