<?php

declare(strict_types=1);

namespace DustyJet\Practice;

use DustyJet\Diagnosis\Answer;
use DustyJet\Engine\EngineFault;
use DustyJet\Engine\Running;
use DustyJet\Engine\Sign;
use DustyJet\Engine\Stroke;

/**
 * What a sick engine lets one hear, see and measure while it is cranked and run, finding by finding, in the words of the
 * diagnosis. Where each finding begins is from memory; none looks at which fault it is.
 */
final readonly class Symptoms
{
    /** Of the speed it has when it is well. */
    private const WEAKER = 0.93;

    private const MUCH_WEAKER = 0.8;

    private const FASTER = 1.04;

    private const IDLE_BAND = 0.1;

    private const HEAVY_SMOKE = 1.8;

    private const SURGES = 0.86;

    private const SURGES_BADLY = 0.76;

    /** Cold, at the starter, of what it mixes when it is well: with less it takes more pulls, with more it floods. */
    private const STARTS = [0.5, 1.8];

    private const HARDLY_STARTS = [0.15, 3.0];

    private const STARTS_AT_ALL = [0.02, 6.0];

    /** Of the work of a stroke at the starter when it is well. */
    private const PULLS = [0.65, 0.45, 0.25];

    /** So much faster, or slower, is heard. */
    private const HEARD = 0.015;

    private const STUMBLES = 0.9;

    /** Four seconds after it is snapped open, of the speed it has when it is well. */
    private const BOGS = 0.6;

    private const HANGS = 1.25;

    private const PUFFS = 1.35;

    /** On its stop and stopped, the throttle is opened so far by hand. */
    private const BY_HAND_DEG = 25.0;

    private const SOME_CHOKE = 0.5;

    private const DRIPS_MM = 3.0;

    /** Of its air, what comes in past the carburetor: sprayed, so much changes the note. */
    private const LEAK_BURNS = 0.04;

    private const QUARTER = 0.25;

    private const TWO_TURNS = 2.0;

    public function __construct(private SickEngine $engine)
    {
    }

    /** @return Answer|null null where no run of an engine of this model shows it */
    public function of(string $finding): ?Answer
    {
        return match ($finding) {
            'hard_to_start' => self::graded(
                ! $this->starts(self::STARTS, self::PULLS[0]),
                ! $this->starts(self::HARDLY_STARTS, self::PULLS[1]),
            ),
            'surges' => self::graded($this->surgesBelow(self::SURGES), $this->surgesBelow(self::SURGES_BADLY)),
            'black_smoke' => self::graded($this->smokes(Sign::SMOKE), $this->smokes(self::HEAVY_SMOKE)),
            'no_power' => self::graded($this->isSlower(self::WEAKER), $this->isSlower(self::MUCH_WEAKER)),
            'spark_poor' => self::graded($this->engine->has(EngineFault::WeakSpark), false),
            default => self::plain($this->isStarting($finding)
                ?? $this->isIdling($finding)
                ?? $this->isPulling($finding)
                ?? $this->isTried($finding)),
        };
    }

    private function isStarting(string $finding): ?bool
    {
        $cold = $this->engine->coldShare();

        return match ($finding) {
            'will_not_start' => ! $this->canRun(),
            'starts_then_dies' => $this->canRun() && $this->idle()->isStalled() && $this->engine->partlyOpen(self::BY_HAND_DEG)->isStalled(),
            'runs_only_on_choke' => $this->idle()->isStalled()
                && $this->engine->partlyOpen(self::BY_HAND_DEG)->isStalled()
                && ! $this->engine->partlyOpen(self::BY_HAND_DEG, self::SOME_CHOKE)->isStalled(),
            'fires_on_priming' => $cold < self::STARTS[0] && $this->engine->pulls() > self::PULLS[1],
            'plug_wet' => $cold > self::STARTS[1] || $cold > self::STARTS[0] && ! $this->canRun()
                || $this->runsOver() || $this->idle()->flows->phi() > self::HEAVY_SMOKE,
            'floods', 'vent_weeps_on_bulb' => $this->runsOver(),
            'fuel_dripping', 'drips_from_vent' => $this->runsOverBy(self::DRIPS_MM),
            default => null,
        };
    }

    private function isIdling(string $finding): ?bool
    {
        $idle = $this->idle();
        $phi = $idle->flows->phi();
        $well = $this->engine->well->idleRpm;

        return match ($finding) {
            'will_not_idle' => $idle->isStalled() && ! $this->full()->isStalled(),
            'erratic_idle' => ! $idle->isStalled() && ($phi < Sign::ROUGH_LEAN || $phi > Sign::ROUGH_RICH),
            'idle_speed_off' => ! $idle->isStalled() && abs($idle->rpm / $well - 1.0) > self::IDLE_BAND,
            'slow_return_to_idle' => $this->engine->letGo()['ends'] > self::HANGS * $well,
            'dies_on_throttle_down' => ! $idle->isStalled() && ! $this->full()->isStalled() && $this->engine->letGo()['ends'] <= 0.0,
            'creeps_at_idle' => $idle->rpm > self::HANGS * $well,
            'smoke_at_idle' => ! $idle->isStalled() && $phi > Sign::SMOKE,
            'puff_on_opening' => ! $idle->isStalled() && $phi > self::PUFFS,
            'only_at_idle' => $this->isIdleBad() && ! $this->isFullBad(),
            default => null,
        };
    }

    private function isPulling(string $finding): ?bool
    {
        $full = $this->full();
        $well = $this->engine->well;

        return match ($finding) {
            'only_at_full_throttle' => $this->isFullBad() && ! $this->isIdleBad(),
            'stumbles_on_opening' => ! $this->idle()->isStalled()
                && $this->engine->snapped()['lowest'] < self::STUMBLES * $this->idle()->rpm
                && $this->engine->snapped()['ends'] > 0.0,
            'bogs' => ! $this->idle()->isStalled() && $this->engine->snapped()['ends'] < self::BOGS * $well->topRpm,
            'fades_when_worked' => $this->isSlower(self::WEAKER) && $this->isShort(),
            'over_speeds', 'races_without_power' => $this->engine->stroke() === Stroke::Two
                && $full->rpm > self::FASTER * $well->topRpm,
            'top_speed_wrong' => $this->engine->stroke() === Stroke::Four && $this->isSlower(self::MUCH_WEAKER),
            'lags_and_fluffs' => ! $full->isStalled() && $full->flows->phi() > Sign::SMOKE,
            'steady_when_held' => false,
            default => null,
        };
    }

    private function isTried(string $finding): ?bool
    {
        return match ($finding) {
            'better_with_choke' => $this->isBetter(
                fn (): Running => $this->engine->idling(self::SOME_CHOKE),
                fn (): Running => $this->engine->wideOpen(self::SOME_CHOKE),
            ),
            'better_quarter_out' => $this->isBetterTurned(self::QUARTER),
            'better_quarter_in' => $this->isBetterTurned(-self::QUARTER),
            'screw_far_out' => $this->isBetterTurned(self::TWO_TURNS) && ! $this->isBetterTurned(self::QUARTER)
                || $this->isBetterTurned(self::TWO_TURNS) && $this->isStillBetter(),
            'changes_when_sprayed' => $this->engine->leakShare() > self::LEAK_BURNS,
            'better_with_cap_loose' => $this->engine->has(EngineFault::TankVentBlocked),
            'compression_low' => $this->engine->has(EngineFault::LowCompression),
            'flow_weak' => $this->engine->has(
                EngineFault::FuelFilterClogged,
                EngineFault::FuelLineBlocked,
                EngineFault::PulseHoseLeaking,
                EngineFault::FuelLineDrawsAir,
            ),
            default => null,
        };
    }

    /** Whether anything makes it run: choke, throttle, or both. */
    private function canRun(): bool
    {
        if (! $this->starts(self::STARTS_AT_ALL, self::PULLS[2])) {
            return false;
        }
        foreach ([SickEngine::OPEN, self::SOME_CHOKE, 0.8] as $choke) {
            if (
                ! $this->engine->idling($choke)->isStalled()
                || ! $this->engine->partlyOpen(self::BY_HAND_DEG, $choke)->isStalled()
            ) {
                return true;
            }
        }

        return false;
    }

    /** @param  array{0: float, 1: float}  $band of what it mixes cold against what it does when it is well */
    private function starts(array $band, float $pulls): bool
    {
        $cold = $this->engine->coldShare();

        return $cold >= $band[0] && $cold <= $band[1] && $this->engine->pulls() >= $pulls;
    }

    private function surgesBelow(float $phi): bool
    {
        if ($this->engine->stroke() === Stroke::Two) {
            return false;
        }
        $governed = $this->engine->governed();

        return ! $governed->isStalled() && $governed->flows->phi() < $phi;
    }

    private function smokes(float $phi): bool
    {
        $runs = [$this->idle(), $this->full(), $this->engine->partlyOpen(self::BY_HAND_DEG)];

        return array_filter($runs, static fn (Running $r): bool => ! $r->isStalled() && $r->flows->phi() > $phi) !== [];
    }

    private function isSlower(float $share): bool
    {
        return $this->full()->rpm < $share * $this->engine->well->topRpm && $this->canRun();
    }

    private function isIdleBad(): bool
    {
        $phi = $this->idle()->flows->phi();

        return $this->idle()->isStalled() || $phi < Sign::ROUGH_LEAN || $phi > Sign::ROUGH_RICH
            || abs($this->idle()->rpm / $this->engine->well->idleRpm - 1.0) > self::IDLE_BAND;
    }

    private function isFullBad(): bool
    {
        return $this->isSlower(self::WEAKER) || $this->full()->rpm > self::FASTER * $this->engine->well->topRpm;
    }

    /** The level, or the lever, lets fuel out of the nozzle while nothing draws. */
    private function runsOver(): bool
    {
        return $this->runsOverBy(0.0);
    }

    private function runsOverBy(float $millimetres): bool
    {
        return $this->engine->engine->circuits->nozzleHeadMm < -$millimetres;
    }

    /** The supply gives less than the engine would draw wide open. */
    private function isShort(): bool
    {
        return $this->engine->engine->circuits->mostKgS
            < 1.02 * ($this->engine->drawsWideOpen()->mainKgS + $this->engine->drawsWideOpen()->idleKgS);
    }

    private function isBetterTurned(float $turns): bool
    {
        $high = max(-$this->engine->well->full->highTurns, $turns);
        $low = max(-$this->engine->well->idle->lowTurns, $turns);

        return $this->isBetter(
            fn (): Running => $this->engine->idling(SickEngine::OPEN, 0.0, $low),
            fn (): Running => $this->engine->wideOpen(SickEngine::OPEN, $high),
        );
    }

    /** Better at two turns out than at one: the screw is sought where no screw stands. */
    private function isStillBetter(): bool
    {
        $two = self::TWO_TURNS;

        return $this->engine->idling(SickEngine::OPEN, 0.0, $two)->rpm > $this->engine->idling(SickEngine::OPEN, 0.0, 1.0)->rpm
            || $this->engine->wideOpen(SickEngine::OPEN, $two)->rpm > $this->engine->wideOpen(SickEngine::OPEN, 1.0)->rpm;
    }

    /**
     * Whether it helps where the engine is bad.
     *
     * @param  callable(): Running  $idle
     * @param  callable(): Running  $full
     */
    private function isBetter(callable $idle, callable $full): bool
    {
        return $this->isIdleBad() && $idle()->rpm > (1.0 + self::HEARD) * $this->idle()->rpm
            || $this->isFullBad() && $full()->rpm > (1.0 + self::HEARD) * $this->full()->rpm;
    }

    private function idle(): Running
    {
        return $this->engine->idling();
    }

    private function full(): Running
    {
        return $this->engine->wideOpen();
    }

    private static function graded(bool $some, bool $strong): Answer
    {
        return $strong ? Answer::Strong : ($some ? Answer::Some : Answer::No);
    }

    private static function plain(?bool $is): ?Answer
    {
        return $is === null ? null : ($is ? Answer::Yes : Answer::No);
    }
}
