<?php

declare(strict_types=1);

namespace Bench;

use Bench\Mixture\BeliefRun;
use DustyJet\Engine\Healthy;
use DustyJet\Engine\RandomEngine;
use DustyJet\Engine\Setting;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\Weather;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\School;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Mixture runs on virtual engines whose best settings are known: the idle screw of either stroke by peak and midpoint,
 * started within 3/4 turn of the best, a reading one value with a sigma of 15 rpm.
 */
final readonly class MixtureScoring
{
    private const SIGMA_RPM = 15.0;

    private const START_TURNS = 0.75;

    private const MOST_READINGS = 20;

    private const NEAR_TURNS = 0.125;

    private const EDGE = 0.95;

    private const TRAVEL_TURNS = 6.0;

    private const OFFSET_TURNS = 0.5;

    /** An engine is plain when its speed falls so far a quarter turn either side. */
    private const PLAIN_RPM = 50.0;

    public function __construct(private int $seed, private int $engines)
    {
    }

    /**
     * @param  callable(non-empty-list<MixtureReading>, School): array{answer: float|null, low: float|null, high: float|null, next: float|null}  $judge
     *
     * @return array{right: float, plain: float, plains: int, covered: float, width: float, readings: int} shares, turns
     */
    public function by(School $school, callable $judge): array
    {
        $right = $plains = $plainRight = $covered = 0;
        $widths = $counts = [];
        for ($i = 0; $i < $this->engines; $i++) {
            $chance = new Randomizer(new Mt19937($this->seed + $i));
            $well = RandomEngine::of($chance, $i % 2 === 0 ? Stroke::Two : Stroke::Four);
            $speeds = self::speeds($well);
            $truth = self::truth($speeds, $school);
            $run = $this->run($well, $school, $truth, $chance, $judge);
            $isNear = $run['answer'] !== null && abs($run['answer'] - $truth) <= self::NEAR_TURNS + 1e-9;
            $loses = $run['answer'] === null ? INF : self::fastest($speeds)[1] - self::rpm($well, $run['answer']);
            $isRight = $isNear || $loses <= self::SIGMA_RPM;
            $isPlain = self::falls($well, self::fastest($speeds)[1], $truth) >= self::PLAIN_RPM;
            $right += $isRight ? 1 : 0;
            $plains += $isPlain ? 1 : 0;
            $plainRight += $isPlain && $isNear ? 1 : 0;
            $counts[] = $run['readings'];
            if ($run['low'] !== null) {
                $covered += $run['low'] <= $truth && $truth <= $run['high'] ? 1 : 0;
                $widths[] = $run['high'] - $run['low'];
            }
        }
        sort($widths);
        sort($counts);

        return [
            'right' => $right / $this->engines,
            'plain' => $plainRight / max(1, $plains),
            'plains' => $plains,
            'covered' => $covered / max(1, count($widths)),
            'width' => $widths[intdiv(count($widths), 2)] ?? NAN,
            'readings' => $counts[intdiv(count($counts), 2)],
        ];
    }

    /**
     * @param  callable(non-empty-list<MixtureReading>, School): array{answer: float|null, low: float|null, high: float|null, next: float|null}  $judge
     *
     * @return array{answer: float|null, low: float|null, high: float|null, readings: int}
     */
    private function run(Healthy $well, School $school, float $truth, Randomizer $chance, callable $judge): array
    {
        $at = $truth + self::START_TURNS * $chance->getInt(-1000, 1000) / 1000.0;
        $at = max(0.25, round($at * 8.0) / 8.0);
        $readings = [];
        $result = null;
        while (count($readings) < self::MOST_READINGS) {
            $rpm = self::rpm($well, $at);
            if ($rpm <= 0.0) {
                // It died: a quarter richer, which costs a reading and tells no speed.
                $at += 0.25;
                if ($at > 6.0) {
                    break;
                }

                continue;
            }
            $speed = max(1.0, $rpm + self::SIGMA_RPM * self::gaussian($chance));
            $readings[] = new MixtureReading(Turns::nearestTo($at), RotationalSpeed::ofRpm($speed));
            $result = $judge($readings, $school);
            if ($result['next'] === null) {
                break;
            }
            $at = $result['next'];
        }

        return [
            'answer' => $result['answer'] ?? null,
            'low' => $result['low'] ?? null,
            'high' => $result['high'] ?? null,
            'readings' => count($readings),
        ];
    }

    /**
     * The judgement of the core.
     *
     * @param  non-empty-list<MixtureReading>  $readings
     *
     * @return array{answer: float|null, low: float|null, high: float|null, next: float|null}
     */
    public static function proposed(array $readings, School $school): array
    {
        return self::said(MixtureRun::judge($readings, $school));
    }

    /**
     * The judgement that is to follow it.
     *
     * @param  non-empty-list<MixtureReading>  $readings
     *
     * @return array{answer: float|null, low: float|null, high: float|null, next: float|null}
     */
    public static function candidate(array $readings, School $school): array
    {
        return self::said(BeliefRun::judge($readings, $school));
    }

    /** @return array{answer: float|null, low: float|null, high: float|null, next: float|null} */
    private static function said(MixtureResult $result): array
    {
        $isPeak = $result->school === School::Peak;

        return [
            'answer' => $result->recommendedTurns,
            'low' => $isPeak ? $result->peakLowTurns : null,
            'high' => $isPeak ? $result->peakHighTurns : null,
            'next' => $result->done ? null : $result->nextTurns,
        ];
    }

    private static function rpm(Healthy $well, float $low): float
    {
        $setting = new Setting($well->idle->throttleDeg, $well->idle->highTurns, max(0.0, min(12.0, $low)));

        return $well->engine->steady($setting, Weather::standard())->rpm;
    }

    /** @return non-empty-list<array{0: float, 1: float}> turns and rpm, every fiftieth */
    private static function speeds(Healthy $well): array
    {
        return array_map(
            static fn (int $i): array => [$i / 50.0, self::rpm($well, $i / 50.0)],
            range(5, (int) (50.0 * self::TRAVEL_TURNS)),
        );
    }

    /**
     * @param  non-empty-list<array{0: float, 1: float}>  $speeds
     *
     * @return array{0: float, 1: float} turns and rpm of the fastest
     */
    private static function fastest(array $speeds): array
    {
        $fastest = $speeds[0];
        foreach ($speeds as $at) {
            $fastest = $at[1] > $fastest[1] ? $at : $fastest;
        }

        return $fastest;
    }

    /** @param  non-empty-list<array{0: float, 1: float}>  $speeds */
    private static function truth(array $speeds, School $school): float
    {
        [$peak, $best] = self::fastest($speeds);
        if ($school === School::Peak) {
            return $peak;
        }
        $lean = $rich = $peak;
        foreach ($speeds as [$turns, $rpm]) {
            if ($rpm >= self::EDGE * $best) {
                [$lean, $rich] = [min($lean, $turns), max($rich, $turns)];
            }
        }

        // No rich edge within the screw's travel: the lean edge and the card's half turn.
        return $rich >= self::TRAVEL_TURNS - 1e-9 ? $lean + self::OFFSET_TURNS : 0.5 * ($lean + $rich);
    }

    /** How far the speed falls a quarter turn either side of the best setting, the lesser of both. */
    private static function falls(Healthy $well, float $best, float $truth): float
    {
        return $best - max(self::rpm($well, $truth - 0.25), self::rpm($well, $truth + 0.25));
    }

    /** Box and Muller, Ann. Math. Statist. 29 (1958). */
    private static function gaussian(Randomizer $chance): float
    {
        $u = ($chance->getInt(0, 1 << 30) + 0.5) / ((1 << 30) + 1);

        return sqrt(-2.0 * log($u)) * cos(2.0 * M_PI * $chance->getInt(0, 1 << 30) / (1 << 30));
    }
}
