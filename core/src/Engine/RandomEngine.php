<?php

declare(strict_types=1);

namespace DustyJet\Engine;

use Random\Randomizer;

/**
 * Engines as they stand in a shop, drawn and then calibrated. The ranges are from memory: see each draw.
 *
 * A two-stroke of 25 to 75 cc tops out at 12,000 to 14,000 rpm at phi 1.25 and idles at 2,500 to 3,000; a four-stroke
 * of 100 to 400 cc runs 3,700 to 4,500 at full throttle and idles at 1,200 to 1,800. Healthy screws stand at 0.9 to 1.75.
 */
final readonly class RandomEngine
{
    private const TRIES = 200;

    /** Of its bore, what a needle leaves open at the healthy turns: with more there is hardly a rich side to find. */
    private const SHARES = [[0.3, 0.95], [0.5, 0.75]];

    private const RESOLUTION = 1 << 30;

    /** No calibration is off by more. */
    private const TOLERANCE = 0.01;

    private const EFFICIENCY = ['two' => [0.16, 0.24], 'four' => [0.245, 0.28]];

    private const FOUR_STROKE_LOAD = [35.0 / 160.0, 64.0 / 160.0];

    private const IDLE_DEG = [3.0, 12.0];

    /** So long after the throttle is snapped open it has this share of its top speed. */
    private const SNAP_SECONDS = 4.0;

    private const SETTLES_SECONDS = 0.5;

    private const SNAPPED = 0.95;

    /** At idle this far in or out, L has changed phi by this share: one behind a narrower H meters nothing. */
    private const LOW_TURNS = 0.5;

    private const LOW_SAYS = 0.04;

    private function __construct(private Randomizer $chance, private bool $isScreened)
    {
    }

    /**
     * @param  bool  $isScreened whether its screws have a rich side worth the name, and L a say at idle
     * @param  Goals|null  $goals what it does when it is well; drawn where that is not given
     *
     * @throws UnusableEngine If none of very many draws makes an engine: never, so far, where nothing is given.
     */
    public static function of(
        Randomizer $chance,
        Stroke $stroke,
        bool $isScreened = true,
        ?Goals $goals = null,
    ): Healthy {
        $draw = new self($chance, $isScreened);
        for ($try = 0; $try < self::TRIES; $try++) {
            try {
                $healthy = CalibratedEngine::of($draw->rough($stroke), $goals ?? $draw->goals($stroke));
            } catch (UnusableEngine) {
                continue;
            }
            if (self::isLikely($healthy) && (! $isScreened || self::heedsLow($healthy))) {
                return $healthy;
            }
        }
        throw UnusableEngine::cannot('a random engine');
    }

    private function goals(Stroke $stroke): Goals
    {
        $isTwo = $stroke === Stroke::Two;

        return new Goals(
            topRpm: $isTwo ? $this->between(12_000.0, 14_000.0) : $this->between(3_700.0, 4_500.0),
            idleRpm: $isTwo ? $this->between(2_500.0, 3_000.0) : $this->between(1_200.0, 1_800.0),
            topPhi: $isTwo ? Sign::FLUTTER : Goals::IDLE_PHI,
            highTurns: $this->between(0.9, 1.75),
            lowTurns: $this->between(0.9, 1.75),
            highShare: $this->between(...self::SHARES[(int) $this->isScreened]),
            lowShare: $this->between(...self::SHARES[(int) $this->isScreened]),
            fixedShare: $isTwo ? 0.0 : $this->between(0.0, 0.4),
        );
    }

    private function rough(Stroke $stroke): VirtualEngine
    {
        $isTwo = $stroke === Stroke::Two;
        $displacement = $isTwo ? $this->between(25.0, 75.0) : $this->between(100.0, 400.0);
        $size = sqrt($displacement / ($isTwo ? 46.0 : 160.0));
        $bore = ($isTwo ? 17.0 : 18.0) * $size * $this->between(0.95, 1.05);
        $rubs = $this->between(0.85, 1.15);
        $friction = $isTwo ? [35.0 * $rubs, 6.0 * $rubs, 1.2 * $rubs] : [70.0 * $rubs, 12.0 * $rubs, 4.0 * $rubs];
        $pitch = $this->between(0.5, 0.8);

        return new VirtualEngine(
            new Cylinder(
                stroke: $stroke,
                displacementCc: $displacement,
                volumetricEfficiency: $isTwo ? $this->between(0.55, 0.7) : $this->between(0.72, 0.85),
                indicatedEfficiency: $isTwo ? 0.2 : $this->between(...self::EFFICIENCY['four']),
                frictionKpa: $friction,
                loadWPerKrpm3: $displacement * ($isTwo ? $this->between(0.28, 0.42) / 46.0 : 45.0 / 160.0),
                maximumRpm: $isTwo ? 17_500.0 : 5_600.0,
                leanWidth: $this->between(0.4, 0.7),
                richWidth: $this->between(0.75, 1.1),
            ),
            new Throat($bore, $bore * $this->between(0.75, 0.85), 0.8, $this->between(0.2, 0.8) * $size ** 2),
            new Circuits(
                high: new TaperNeedle($pitch, 10.0, 0.9 * $size),
                low: new TaperNeedle($pitch, 10.0, 0.5 * $size),
                fixedHighMm2: 0.0,
                isDependent: $this->between(0.0, 1.0) < 0.5,
                idleSignal: $this->between(0.0006, 0.004),
                nozzleHeadMm: $this->between(3.0, 6.0),
                idleHeadMm: $this->between(3.0, 6.0),
                fuelCoefficient: $this->between(0.7, 0.8),
            ),
        );
    }

    /** Whether it came out as engines do, and does what it was made for. */
    private static function isLikely(Healthy $made): bool
    {
        $engine = $made->engine;
        $load = $engine->cylinder->loadWPerKrpm3 / $engine->cylinder->displacementCc;
        $isTwo = $engine->cylinder->stroke === Stroke::Two;
        $full = $engine->steady($made->full, Weather::standard());
        $idle = $engine->steady($made->idle, Weather::standard());

        return self::isWithin($engine->cylinder->indicatedEfficiency, self::EFFICIENCY[$isTwo ? 'two' : 'four'])
            && ($isTwo || self::isWithin($load, self::FOUR_STROKE_LOAD))
            && self::isWithin($made->idle->throttleDeg, self::IDLE_DEG)
            && abs($full->rpm / $made->topRpm - 1.0) < self::TOLERANCE
            && abs($idle->rpm / $made->idleRpm - 1.0) < self::TOLERANCE
            && self::takesThrottle($made);
    }

    /** Whether it goes from idle to full throttle, snapped open, as one that is well does. */
    private static function takesThrottle(Healthy $made): bool
    {
        $transient = new Transient($made->engine, Weather::standard(), $made->idleRpm);
        $transient->run($made->idle, self::SETTLES_SECONDS);

        return $transient->run($made->full, self::SNAP_SECONDS) > self::SNAPPED * $made->topRpm;
    }

    /** Whether its idle gets leaner and richer by L: where L's fuel comes past H, H may be what meters it. */
    private static function heedsLow(Healthy $made): bool
    {
        $phi = static fn (float $more): float => $made->engine->flows(
            $made->idleRpm,
            new Setting(
                $made->idle->throttleDeg,
                $made->idle->highTurns,
                $made->idle->lowTurns + $more,
                $made->idle->choke,
            ),
            Weather::standard(),
        )->phi();

        return $phi(-self::LOW_TURNS) < (1.0 - self::LOW_SAYS) * $phi(0.0)
            && $phi(self::LOW_TURNS) > (1.0 + self::LOW_SAYS) * $phi(0.0);
    }

    /** @param  array{0: float, 1: float}  $range */
    private static function isWithin(float $value, array $range): bool
    {
        return $value >= $range[0] && $value <= $range[1];
    }

    private function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->chance->getInt(0, self::RESOLUTION) / self::RESOLUTION;
    }
}
