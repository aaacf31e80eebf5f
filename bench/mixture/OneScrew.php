<?php

declare(strict_types=1);

namespace Bench\Mixture;

use DustyJet\Engine\Healthy;
use DustyJet\Engine\RandomEngine;
use DustyJet\Engine\Running;
use DustyJet\Engine\Setting;
use DustyJet\Engine\Sign;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\Weather;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\School;
use DustyJet\Numerics\Chance;
use DustyJet\Numerics\NormalDistribution;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use Random\Randomizer;

/**
 * A random engine with one screw in hand: L at idle for peak and midpoint, H of a two-stroke at full throttle for the
 * flutter. What it is set to is read with a sigma of 15 rpm, and heard with one of 0.03 in phi.
 */
final readonly class OneScrew
{
    public const SIGMA_RPM = 15.0;

    public const TRAVEL_TURNS = 6.0;

    private const EAR_PHI = 0.03;

    private const EDGE = 0.95;

    private const OFFSET_TURNS = 0.5;

    private const STEP_TURNS = 0.1;

    private const FINE_TURNS = 0.01;

    public float $peakTurns;

    public float $bestRpm;

    /** Where the school leaves it. */
    public float $truth;

    /** The maker's, without load, above the fastest it runs. */
    public float $maximumRpm;

    private function __construct(private Healthy $well, public School $school, private Chance $chance)
    {
        $speeds = [];
        for ($turns = 0.1; $turns <= self::TRAVEL_TURNS; $turns += self::STEP_TURNS) {
            $speeds[] = [$turns, $this->at($turns)->rpm];
        }
        [$this->peakTurns, $this->bestRpm] = $this->fastest($speeds);
        $this->maximumRpm = $well->topRpm * (1.015 + 0.02 * $chance->between(0.0, 1.0));
        $this->truth = match ($school) {
            School::Peak => $this->peakTurns,
            School::Midpoint => $this->midpoint($speeds),
            School::Flutter => $this->clears(),
        };
    }

    public static function random(Randomizer $chance, School $school, Stroke $stroke, bool $isScreened): self
    {
        return new self(RandomEngine::of($chance, $stroke, $isScreened), $school, new Chance($chance));
    }

    public function rpm(float $turns): float
    {
        return $this->at($turns)->rpm;
    }

    public function isFlutter(): bool
    {
        return $this->school === School::Flutter;
    }

    public function read(float $turns): MixtureReading
    {
        $running = $this->at($turns);
        $at = Turns::nearestTo($turns);
        if ($running->isStalled()) {
            return MixtureReading::died($at);
        }
        $speed = RotationalSpeed::ofRpm(max(1.0, $running->rpm + self::SIGMA_RPM * $this->chance->gaussian()));

        return new MixtureReading($at, $speed, $this->isFlutter() ? [$this->heard($running)] : []);
    }

    /** Whether an ear places the flutter to 0.11 turn. */
    public function isAudible(): bool
    {
        $slope = ($this->at($this->truth + 0.05)->flows->phi() - $this->at($this->truth - 0.05)->flows->phi()) / 0.1;

        return $slope > 0.0 && self::EAR_PHI / $slope <= 0.11;
    }

    /** How far the speed falls a quarter turn either side of the answer, the lesser of both. */
    public function falls(): float
    {
        return $this->bestRpm - max($this->rpm($this->truth - 0.25), $this->rpm($this->truth + 0.25));
    }

    private function heard(Running $running): Mark
    {
        $flutters = 0.01 + 0.98 * NormalDistribution::below(($running->flows->phi() - Sign::FLUTTER) / self::EAR_PHI);

        return $this->chance->between(0.0, 1.0) < $flutters ? Mark::Flutter : Mark::Clean;
    }

    private function at(float $turns): Running
    {
        $turns = max(0.0, min(12.0, $turns));
        $full = $this->well->full;
        $idle = $this->well->idle;
        $setting = $this->isFlutter()
            ? new Setting($full->throttleDeg, $turns, $full->lowTurns)
            : new Setting($idle->throttleDeg, $idle->highTurns, $turns);

        return $this->well->engine->steady($setting, Weather::standard());
    }

    /**
     * @param  list<array{0: float, 1: float}>  $speeds
     *
     * @return array{0: float, 1: float} turns and rpm
     */
    private function fastest(array $speeds): array
    {
        $best = [0.0, 0.0];
        foreach ($speeds as $at) {
            $best = $at[1] > $best[1] ? $at : $best;
        }
        $around = range($best[0] - self::STEP_TURNS, $best[0] + self::STEP_TURNS, self::FINE_TURNS);
        foreach ($around as $turns) {
            $rpm = $this->rpm($turns);
            $best = $rpm > $best[1] ? [$turns, $rpm] : $best;
        }

        return $best;
    }

    /** @param  list<array{0: float, 1: float}>  $speeds */
    private function midpoint(array $speeds): float
    {
        $isFast = fn (float $turns): bool => $this->rpm($turns) >= self::EDGE * $this->bestRpm;
        $within = array_column(array_filter($speeds, fn (array $at): bool => $at[1] >= self::EDGE * $this->bestRpm), 0);
        $lean = min([$this->peakTurns, ...$within]);
        $rich = max([$this->peakTurns, ...$within]);
        $lean = self::edge($isFast, $lean, $lean - self::STEP_TURNS);
        $isMissing = $rich >= self::TRAVEL_TURNS - self::STEP_TURNS;

        // No rich edge within the screw's travel: the lean edge and the card's half turn.
        return $isMissing
            ? $lean + self::OFFSET_TURNS
            : 0.5 * ($lean + self::edge($isFast, $rich, $rich + self::STEP_TURNS));
    }

    private function clears(): float
    {
        $isClean = fn (float $turns): bool => $this->at($turns)->flows->phi() < Sign::FLUTTER;

        return self::edge($isClean, $this->peakTurns, self::TRAVEL_TURNS);
    }

    /** @param  callable(float): bool  $holds at the first and not at the last */
    private static function edge(callable $holds, float $first, float $last): float
    {
        for ($i = 0; $i < 12; $i++) {
            $middle = 0.5 * ($first + $last);
            $holds($middle) ? $first = $middle : $last = $middle;
        }

        return 0.5 * ($first + $last);
    }
}
