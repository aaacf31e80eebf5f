<?php

declare(strict_types=1);

namespace Bench\Mixture;

use DustyJet\Engine\Governor;
use DustyJet\Engine\Healthy;
use DustyJet\Engine\RandomEngine;
use DustyJet\Engine\Running;
use DustyJet\Engine\Setting;
use DustyJet\Engine\Sign;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\Weather;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\School;
use DustyJet\Mixture\UnusableRun;
use DustyJet\Numerics\Chance;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The main needle of a random four-stroke whose governor holds the speed: only the ear tells, to 0.06 in phi. */
final readonly class GovernedMain
{
    private const GOVERNED = 0.85;

    private const EAR_PHI = 0.06;

    private const SLIP = 0.01;

    private const AUDIBLE_PHI = 0.12;

    private const CLEAN = [0.95, 1.4];

    private const TRAVEL = 6.0;

    /** A needle with no rich edge to be heard is left so far rich of the lean one. */
    private const MOST_HALF = 1.0;

    private const MOST_READINGS = 20;

    private Governor $governor;

    private float $truth;

    private function __construct(private Healthy $well, private Chance $chance)
    {
        $this->governor = new Governor(self::GOVERNED * $well->topRpm, $well->idle->throttleDeg);
        $lean = $this->where(Sign::ROUGH_LEAN) ?? 0.0;
        $rich = $this->where(Sign::ROUGH_RICH);
        $this->truth = $lean + min(self::MOST_HALF, 0.5 * (($rich ?? INF) - $lean));
    }

    /** @return string what came of so many runs, in one line */
    public static function score(int $seed, int $engines, bool $isScreened): string
    {
        $right = $near = $covered = $inaudible = $margin = 0;
        $readings = $widths = [];
        for ($i = 0; $i < $engines; $i++) {
            $source = new Randomizer(new Mt19937($seed + $i));
            $chance = new Chance($source);
            $main = new self(RandomEngine::of($source, Stroke::Four, $isScreened), $chance);
            $start = max(0.25, round(8.0 * ($main->truth + 0.75 * $chance->between(-1.0, 1.0))) / 8.0);
            ['answer' => $answer, 'count' => $count] = $main->run($start);
            $margin += $answer !== null && $main->isClean($answer->turns) ? 1 : 0;
            if (! $main->isAudible()) {
                $inaudible++;

                continue;
            }
            $readings[] = $count;
            if ($answer !== null) {
                $off = abs($answer->turns - $main->truth);
                $right += $off <= 0.125 + 1e-9 ? 1 : 0;
                $near += $off <= 0.25 + 1e-9 ? 1 : 0;
                $covered += $answer->low <= $main->truth && $main->truth <= $answer->high ? 1 : 0;
                $widths[] = $answer->width();
            }
        }
        $heard = $engines - $inaudible;
        sort($readings);
        sort($widths);

        return sprintf(
            '%d engines: left clean, phi 0.95 to 1.4, %.1f %%; of %d whose rich edge can be heard within 1/8 turn %.1f %%, within '
                .'1/4 %.1f %%, median %d readings, 90 %% within %d, interval covers %.1f %%, %.2f wide in the median',
            $engines,
            100.0 * $margin / $engines,
            $heard,
            100.0 * $right / $heard,
            100.0 * $near / $heard,
            $readings[intdiv($heard, 2)],
            $readings[intdiv(9 * $heard, 10)],
            100.0 * $covered / max(1, count($widths)),
            $widths[intdiv(count($widths), 2)] ?? 0.0,
        );
    }

    /** @return array{answer: \DustyJet\Mixture\Estimate|null, count: int} */
    private function run(float $at): array
    {
        $screw = new MixtureScrew(travel: self::TRAVEL, isSpeedHeld: true);
        $readings = [];
        for ($count = 1; ; $count++) {
            $readings[] = $this->read($at);
            try {
                $result = MixtureRun::judge($readings, School::Midpoint, $screw);
            } catch (UnusableRun) {
                // What was heard contradicts what was heard before: the whole run again from here.
                $readings = [];

                continue;
            }
            if ($result->done || $result->nextTurns === null || $count === self::MOST_READINGS) {
                return ['answer' => $result->done ? $result->answer : null, 'count' => $count];
            }
            $at = $result->nextTurns;
        }
    }

    /** Whether its needle gets clearly richer than rough at all. */
    private function isAudible(): bool
    {
        return ($this->where(Sign::ROUGH_RICH + self::AUDIBLE_PHI) ?? INF) < self::TRAVEL;
    }

    private function isClean(float $turns): bool
    {
        $phi = $this->at($turns)->flows->phi();

        return $phi >= self::CLEAN[0] && $phi <= self::CLEAN[1];
    }

    private function read(float $turns): MixtureReading
    {
        $running = $this->at($turns);
        $at = Turns::nearestTo($turns);
        if ($running->isStalled()) {
            return MixtureReading::died($at);
        }
        $phi = $running->flows->phi() + self::EAR_PHI * $this->chance->gaussian();
        $heard = match (true) {
            $phi < Sign::ROUGH_LEAN => Mark::RoughLean,
            $phi > Sign::ROUGH_RICH => Mark::RoughRich,
            default => Mark::Clean,
        };
        $slip = $this->chance->between(0.0, 1.0) < self::SLIP;

        return new MixtureReading($at, RotationalSpeed::ofRpm($running->rpm), [$slip ? Mark::Clean : $heard]);
    }

    private function at(float $turns): Running
    {
        $full = $this->well->full;

        return $this->governor->steady(
            $this->well->engine,
            new Setting($full->throttleDeg, $turns, $full->lowTurns),
            Weather::standard(),
        );
    }

    /** Turns at which it has this mixture, or stops beyond; null within the travel of the screw. */
    private function where(float $phi): ?float
    {
        $isRicher = function (float $turns) use ($phi): bool {
            $running = $this->at($turns);

            return $running->isStalled() ? $turns > $this->well->full->highTurns : $running->flows->phi() > $phi;
        };
        if (! $isRicher(self::TRAVEL)) {
            return null;
        }
        [$lean, $rich] = [0.0, self::TRAVEL];
        for ($i = 0; $i < 16; $i++) {
            $middle = 0.5 * ($lean + $rich);
            $isRicher($middle) ? $rich = $middle : $lean = $middle;
        }

        return 0.5 * ($lean + $rich);
    }
}
