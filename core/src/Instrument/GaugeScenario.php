<?php

declare(strict_types=1);

namespace DustyJet\Instrument;

/** What a stand-in gauge plays. Pressures in psi, made up. */
enum GaugeScenario: string
{
    case Tight = 'tight';
    case SlowLeak = 'slow-leak';
    case HoldsBelow = 'holds-below';
    case DryThenWet = 'dry-then-wet';
    case Settling = 'settling';
    case PopOff = 'pop-off';
    case CheckValveGood = 'check-valve-good';
    case CheckValveSideLeak = 'check-valve-side-leak';
    case CheckValveFailed = 'check-valve-failed';
    case LeakingBarb = 'leaking-barb';
    case DriftingRoom = 'drifting-room';

    public function label(): string
    {
        return ucfirst(str_replace('-', ' ', $this->value));
    }

    /** Share of the pressure that leaks away in a second, on the given pumping up. */
    public function leakPerSecond(int $run): float
    {
        return match ($this) {
            self::SlowLeak => 0.0085,
            self::DryThenWet => $run === 0 ? 0.012 : 0.0,
            self::LeakingBarb => 0.03,
            self::HoldsBelow => 0.066,
            self::CheckValveSideLeak => 0.02,
            self::CheckValveFailed => 1.2,
            self::PopOff => 0.002,
            default => 0.0,
        };
    }

    /** It leaks no further down than this. */
    public function sealsAtPsi(): float
    {
        return $this === self::HoldsBelow ? 3.2 : 0.0;
    }

    public function pumpedToPsi(): float
    {
        return $this === self::PopOff ? 14.0 : 5.0;
    }

    /** What cooling air takes back after pumping, psi. */
    public function settlesPsi(): float
    {
        return $this === self::Settling ? 0.35 : 0.05;
    }

    /** A needle opens here and shuts there. */
    public function popsAtPsi(): ?float
    {
        return $this === self::PopOff ? 13.0 : null;
    }

    public function reseatsAtPsi(): float
    {
        return 10.0;
    }

    /** Whether it is let go and pumped up again, and when. */
    public function isPumpedAgainAfter(): ?float
    {
        return $this === self::DryThenWet ? 75.0 : null;
    }
}
