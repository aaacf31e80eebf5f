<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Idling;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Governor\IdleSpeed;
use DustyJet\Worksheet\Stale\Reading;
use DustyJet\Worksheet\Stale\Rechecked;

/** The idle as it was last read: what the stop screw was set by. */
final readonly class Idling implements Rechecked
{
    /** The name of its tab at Run. */
    public const TAB = 'idle';

    /** What a moved mixture puts in doubt. */
    public const READING = 'idle_speed';

    private const MINUTES = 2;

    public function __construct(public ?IdleSpeed $latest)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self(null);
    }

    public function taken(): array
    {
        return $this->latest === null
            ? []
            : [self::READING => new Reading('Idle, '.number_format($this->latest->rpm).' rpm', Station::Run, self::MINUTES)];
    }
}
