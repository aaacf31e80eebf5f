<?php

declare(strict_types=1);

namespace DustyJet\Practice;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Sense;
use DustyJet\Engine\Goals;
use DustyJet\Engine\Healthy;
use DustyJet\Engine\RandomEngine;
use DustyJet\Engine\Running;
use DustyJet\Engine\Setting;
use DustyJet\Engine\Sign;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\Transient;
use DustyJet\Engine\UnusableEngine;
use DustyJet\Engine\Weather;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A virtual engine behind the carburetor of a job, to practise on: its speeds are those of the card, its best settings lie
 * near the book. The same seed is the same engine. Made up.
 */
final readonly class PracticeEngine
{
    private const TWO_STROKE_RPM = 8000.0;

    /** Of the maximum without load, what it runs to when it is well. */
    private const WELL_BELOW = 0.96;

    /** A four-stroke's load is a blade: without its governor it would run so much over the governed speed. */
    private const UNGOVERNED = 1.15;

    /** Slower idles are shown slower: no engine of this model idles there. */
    private const SLOWEST_IDLE_RPM = 1300.0;

    /** How far its best settings may lie from the book, in turns. */
    private const OFF_THE_BOOK = 0.375;

    private const LEAST_TURNS = 0.3;

    /** A turn of the stop screw opens the plate by so much of its idle angle. */
    private const STOP_SCREW = 0.35;

    private const SHARE = 0.62;

    private const AT_TOP = ['main', 'high'];

    /**
     * @param  float  $shown revolutions shown for each of the engine
     * @param  array<string, array{circuit: string, best: float, isAir: bool}>  $screws by name
     */
    private function __construct(private Healthy $well, private float $shown, private array $screws)
    {
    }

    /** Null where the family has no mixture screw, or its card no speeds. */
    public static function of(Family $family, string $variant, int $seed): ?self
    {
        $card = $family->card;
        $chance = new Randomizer(new Mt19937($seed));
        $screws = [];
        foreach ($family->adjustersOf($variant, Sense::Fuel) as $key => $adjuster) {
            $off = self::OFF_THE_BOOK * $chance->getInt(-1000, 1000) / 1000.0;
            $screws[$key] = [
                'circuit' => match (true) {
                    ! $adjuster->isMixture => 'stop',
                    default => in_array($key, self::AT_TOP, true) ? 'high' : 'low',
                },
                'best' => max(self::LEAST_TURNS, $adjuster->book->turns->inTurns() + ($adjuster->isMixture ? $off : 0.0)),
                'isAir' => ! $adjuster->sense->outIsRicher(),
            ];
        }
        $circuits = array_column($screws, 'best', 'circuit');
        if ($card->topRpm === null || $card->idleRpm === null || ! isset($circuits['high']) && ! isset($circuits['low'])) {
            return null;
        }
        $isTwo = $card->topRpm[1] > self::TWO_STROKE_RPM;
        $idle = 0.5 * ($card->idleRpm[0] + $card->idleRpm[1]);
        $shown = min(1.0, $idle / self::SLOWEST_IDLE_RPM);
        $goals = new Goals(
            topRpm: $isTwo ? self::WELL_BELOW * $card->topRpm[1] : min(4500.0, self::UNGOVERNED * $card->topRpm[1] / $shown),
            idleRpm: $idle / $shown,
            topPhi: $isTwo ? Sign::FLUTTER : Goals::IDLE_PHI,
            highTurns: $circuits['high'] ?? 1.25,
            lowTurns: $circuits['low'] ?? 1.25,
            highShare: self::SHARE,
            lowShare: self::SHARE,
        );
        try {
            $well = RandomEngine::of($chance, $isTwo ? Stroke::Two : Stroke::Four, goals: $goals);
        } catch (UnusableEngine) {
            return null;
        }

        return new self($well, $shown, $screws);
    }

    /**
     * How throttle and screws stand.
     *
     * @param  array<string, float>  $turns by screw; one that is not named stands where it is best
     */
    public function setting(array $turns, bool $isFullThrottle): Setting
    {
        $at = ['high' => $this->well->full->highTurns, 'low' => $this->well->full->lowTurns];
        $stop = 0.0;
        foreach ($this->screws as $key => ['circuit' => $circuit, 'best' => $best, 'isAir' => $isAir]) {
            $off = ($turns[$key] ?? $best) - $best;
            $circuit === 'stop' ? $stop = $off : $at[$circuit] = max(0.0, min(12.0, $best + ($isAir ? -$off : $off)));
        }
        $idle = $this->well->idle->throttleDeg * max(0.0, 1.0 + self::STOP_SCREW * $stop);

        return new Setting($isFullThrottle ? $this->well->full->throttleDeg : min(30.0, $idle), $at['high'], $at['low']);
    }

    /** @return array<string, float> where each screw is best, in turns, by name */
    public function best(): array
    {
        return array_map(static fn (array $s): float => $s['best'], $this->screws);
    }

    public function steady(Setting $setting): Running
    {
        return $this->well->engine->steady($setting, Weather::standard());
    }

    /** @return list<string> what is heard, seen and smelled, in words */
    public function heard(Setting $setting): array
    {
        $signs = Sign::of($this->steady($setting), $this->well->engine->cylinder->stroke);

        return array_map(static fn (Sign $s): string => $s->words(), $signs);
    }

    /** In time, from its idle. */
    public function running(): Transient
    {
        return new Transient($this->well->engine, Weather::standard(), $this->well->idleRpm);
    }

    /** As a tachometer on it shows it. */
    public function shown(float $rpm): float
    {
        return $this->shown * $rpm;
    }
}
