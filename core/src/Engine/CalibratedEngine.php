<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/**
 * Fits an engine to what it does when it is well: what it burns to its top speed, its throttle to its idle, then bores
 * and half-angles to the fuel of both. Each circuit adds to what the other draws, so that is done a few times over.
 */
final readonly class CalibratedEngine
{
    private const ROUNDS = 12;

    private const HALVINGS = 60;

    /** Between these, degrees, an idle stop holds the plate. */
    private const IDLE_DEG = [0.2, 40.0];

    private const ANGLE_DEG = [0.5, 45.0];

    private function __construct(private Goals $goals, private Weather $weather)
    {
    }

    /**
     * @param  VirtualEngine  $rough its bores, half-angles and either its efficiency or its load are found anew
     *
     * @throws UnusableEngine If nothing makes it do that.
     */
    public static function of(VirtualEngine $rough, Goals $goals): Healthy
    {
        return (new self($goals, Weather::standard()))->healthy($rough);
    }

    private function healthy(VirtualEngine $rough): Healthy
    {
        $full = new Setting(Goals::FULL_DEG, $this->goals->highTurns, $this->goals->lowTurns);
        $burns = new VirtualEngine($this->burning($rough, $full), $rough->throat, $rough->circuits);
        $idle = $full->at($this->idleDegrees($burns, $full));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $burns = $this->withHigh($burns, $full);
            $burns = $this->withLow($burns, $idle);
        }

        return new Healthy($burns, $full, $idle, $this->goals->topRpm, $this->goals->idleRpm);
    }

    /** A two-stroke by what its fuel gives, a four-stroke by its load. */
    private function burning(VirtualEngine $engine, Setting $full): Cylinder
    {
        $cylinder = $engine->cylinder;
        $top = $this->goals->topRpm;
        $flows = $engine->flows($top, $full, $this->weather);
        $vacuum = $this->weather->pascals - $flows->manifoldPa;
        $given = $cylinder->indicated($flows->airKgS) * $cylinder->output($this->goals->topPhi);
        $takes = $cylinder->takes($top, $vacuum);

        return $cylinder->stroke === Stroke::Two
            ? $cylinder->giving($cylinder->indicatedEfficiency * $takes / $given, $cylinder->loadWPerKrpm3)
            : $cylinder->giving(
                $cylinder->indicatedEfficiency,
                $cylinder->loadWPerKrpm3 + ($given - $takes) / ($top / 1000.0) ** 3,
            );
    }

    private function idleDegrees(VirtualEngine $engine, Setting $full): float
    {
        $spare = fn (float $degrees): float => $engine->spare(
            $this->goals->idleRpm,
            $engine->flows($this->goals->idleRpm, $full->at($degrees), $this->weather),
            $this->weather,
            Goals::IDLE_PHI,
        );

        return self::rootOf('throttle_deg', $spare, ...self::IDLE_DEG);
    }

    private function withHigh(VirtualEngine $engine, Setting $full): VirtualEngine
    {
        $circuits = $engine->circuits;
        $flows = $engine->flows($this->goals->topRpm, $full, $this->weather);
        $open = $circuits->high->area($full->highTurns) + $circuits->fixedHighMm2;
        $wanted = $this->goals->topPhi * $flows->airKgS / Cylinder::STOICHIOMETRIC - $flows->idleKgS;
        ($wanted > 0.0 && $flows->mainKgS > 0.0) || throw UnusableEngine::cannot('full throttle');
        $area = $open * $wanted / $flows->mainKgS;
        $fixed = $this->goals->fixedShare * $area;
        $needle = self::needle($circuits->high, $area - $fixed, $full->highTurns, $this->goals->highShare);

        return new VirtualEngine($engine->cylinder, $engine->throat, $circuits->with($needle, $circuits->low, $fixed));
    }

    private function withLow(VirtualEngine $engine, Setting $idle): VirtualEngine
    {
        $circuits = $engine->circuits;
        $flows = $engine->flows($this->goals->idleRpm, $idle, $this->weather);
        $high = $circuits->high->area($idle->highTurns) + $circuits->fixedHighMm2;
        $low = $circuits->low->area($idle->lowTurns);
        $open = $circuits->isDependent ? Throat::inSeries($low, $high) : $low;
        $wanted = Goals::IDLE_PHI * $flows->airKgS / Cylinder::STOICHIOMETRIC - $flows->mainKgS;
        ($wanted > 0.0 && $flows->idleKgS > 0.0) || throw UnusableEngine::cannot('idle');
        $area = $open * $wanted / $flows->idleKgS;
        if ($circuits->isDependent) {
            $area < $high || throw UnusableEngine::cannot('idle');
            $area = 1.0 / sqrt(1.0 / $area ** 2 - 1.0 / $high ** 2);
        }
        $needle = self::needle($circuits->low, $area, $idle->lowTurns, $this->goals->lowShare);
        $with = $circuits->with($circuits->high, $needle, $circuits->fixedHighMm2);

        return new VirtualEngine($engine->cylinder, $engine->throat, $with);
    }

    /** The needle that leaves an area open, so much of its bore, at so many turns. */
    private static function needle(TaperNeedle $like, float $area, float $turns, float $share): TaperNeedle
    {
        $bore = sqrt(4.0 * $area / (M_PI * $share));
        $over = static fn (float $degrees): float => (new TaperNeedle($like->pitchMm, $degrees, $bore))->area($turns) - $area;

        return new TaperNeedle($like->pitchMm, self::rootOf('needle_half_angle_deg', $over, ...self::ANGLE_DEG), $bore);
    }

    /** @param  callable(float): float  $rising */
    private static function rootOf(string $field, callable $rising, float $least, float $most): float
    {
        ($rising($least) < 0.0 && $rising($most) > 0.0) || throw UnusableEngine::cannot($field);
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = 0.5 * ($least + $most);
            $rising($middle) > 0.0 ? $most = $middle : $least = $middle;
        }

        return 0.5 * ($least + $most);
    }
}
