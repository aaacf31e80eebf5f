<?php

declare(strict_types=1);

namespace Bench;

use DustyJet\HoldTest\HoldCurve;
use DustyJet\HoldTest\HoldResult;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\LeakLaw;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\HoldTest\Verdict;
use DustyJet\Numerics\CurveFitter;
use DustyJet\Numerics\Fit;
use DustyJet\Numerics\Observations;
use DustyJet\Numerics\Parameter;
use DustyJet\Numerics\ProfileInterval;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Volume;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Honest scoring of the hold test on traces whose truth is known.
 *
 * The oracle is told noise, settling and leak shape; it decides a trace when its own 95 % interval clears the limit.
 */
final readonly class HoldScoring
{
    private const LIMIT_ML_PER_MIN = 0.6;

    private const RIG_ML = 18.0;

    public function __construct(private int $seed, private int $traces)
    {
    }

    /** @return array<string, float|int> */
    public function forStep(float $stepPsi): array
    {
        $chance = new Randomizer(new Mt19937($this->seed + (int) round(1000 * $stepPsi)));
        $count = [
            'wrong' => 0,
            'false_below' => 0,
            'covered' => 0,
            'flows' => 0,
            'oracle' => 0,
            'decided' => 0,
            'coarse' => 0,
            'coarse_covered' => 0,
            'plateaus' => 0,
            'plateaus_found' => 0,
        ];
        for ($i = 0; $i < $this->traces; $i++) {
            [$leak, $seconds] = $this->draw($chance, $stepPsi);
            $trace = $leak->trace($seconds, $chance);
            $result = HoldTest::judge(
                $trace,
                $leak->rig,
                Limits::ofLeak(Flow::ofMillilitresPerMinute(self::LIMIT_ML_PER_MIN)),
            );
            $count = $this->score($count, $leak, $trace, $result);
        }
        $fine = $count['flows'] - $count['coarse'];

        return [
            'traces' => $this->traces,
            'wrong_percent' => (100 * $count['wrong']) / $this->traces,
            'false_below_percent' => (100 * $count['false_below']) / $this->traces,
            'decided_of_oracle_percent' => (100 * $count['decided']) / max(1, $count['oracle']),
            'oracle_percent' => (100 * $count['oracle']) / $this->traces,
            'coverage_fine_percent' => $fine === 0 ? NAN : (100 * ($count['covered'] - $count['coarse_covered'])) / $fine,
            'coverage_coarse_percent' => $count['coarse'] === 0 ? NAN : (100 * $count['coarse_covered']) / $count['coarse'],
            'plateaus_found_percent' => (100 * $count['plateaus_found']) / max(1, $count['plateaus']),
        ];
    }

    /** @return array{0: ScriptedLeak, 1: list<float>} */
    private function draw(Randomizer $chance, float $stepPsi): array
    {
        $uniform = static fn (float $a, float $b): float => $a + (($b - $a) * $chance->getInt(0, 1_000_000)) / 1_000_000;
        $typed = $chance->getInt(0, 3) === 0;
        $duration = $uniform(40.0, 180.0);
        $n = $typed ? $chance->getInt(5, 9) : $chance->getInt(30, 200);
        $seconds = [];
        for ($k = 0; $k < $n; $k++) {
            $seconds[] = round(($duration * $k) / ($n - 1), 1);
        }
        $plateau = $chance->getInt(0, 9) === 0;
        $shape = LeakShape::cases()[$chance->getInt(0, 2)];
        $vacuum = $chance->getInt(0, 4) === 0;

        return [
            new ScriptedLeak(
                rig: new Rig(Volume::ofMillilitres(self::RIG_ML)),
                shape: $shape,
                leak: Flow::ofMillilitresPerMinute(
                    $chance->getInt(0, 5) === 0 ? 0.0 : exp($uniform(log(0.03), log(8.0))),
                ),
                startPsi: $vacuum ? 7.4 : 5.0,
                isVacuum: $vacuum,
                settlingPsi: $uniform(0.0, 0.5),
                settlingSeconds: $uniform(0.8, 6.0),
                noisePsi: exp($uniform(log(0.004), log(0.04))),
                stepPsi: $stepPsi,
                sealsBelowPsi: $plateau ? $uniform(2.0, 4.5) : null,
                plateauTauSeconds: $uniform(12.0, 60.0),
            ),
            $seconds,
        ];
    }

    /**
     * @param  array<string, int>  $count
     *
     * @return array<string, int>
     */
    private function score(array $count, ScriptedLeak $leak, PressureTrace $trace, HoldResult $result): array
    {
        if ($leak->sealsBelowPsi !== null) {
            $count['plateaus']++;
            $count['plateaus_found'] += $result->verdict === Verdict::HoldsBelow ? 1 : 0;

            return $count;
        }
        $truth = $this->truthAt($leak, $result);
        $limit = self::LIMIT_ML_PER_MIN;
        $wrong
            = ($result->verdict === Verdict::Leaks && $truth <= 0.5 * $limit)
            || ($result->verdict === Verdict::Holds && $truth >= 2.0 * $limit);
        $covered
            = $truth >= $result->leak->low->inMillilitresPerMinute() - 1e-9
            && $truth <= $result->leak->high->inMillilitresPerMinute() + 1e-9;
        $count['wrong'] += $wrong ? 1 : 0;
        $count['false_below'] += $result->verdict === Verdict::HoldsBelow ? 1 : 0;
        $count['flows']++;
        $count['covered'] += $covered ? 1 : 0;
        if ($leak->stepPsi > 3.0 * $leak->noisePsi) {
            $count['coarse']++;
            $count['coarse_covered'] += $covered ? 1 : 0;
        }
        if ($this->oracleDecides($leak, $trace, $result->settledFrom->inSeconds())) {
            $count['oracle']++;
            $count['decided'] += in_array($result->verdict, [Verdict::Holds, Verdict::Leaks], true) ? 1 : 0;
        }

        return $count;
    }

    /** The true flow at the moment the analysis calls settled: read off the noiseless, unsettled trace. */
    private function truthAt(ScriptedLeak $leak, HoldResult $result): float
    {
        $flow = $leak->leak->inMillilitresPerMinute();
        if ($flow === 0.0) {
            return 0.0;
        }
        $quiet = new ScriptedLeak(
            $leak->rig,
            $leak->shape,
            $leak->leak,
            $leak->startPsi,
            $leak->isVacuum,
            0.0,
            1.0,
            0.0,
            0.0,
        );
        $p0 = $leak->startPsi * 6.894757;
        $p
            = $quiet->readings(
                [0.0, max(0.001, $result->settledFrom->inSeconds())],
                new Randomizer(new Mt19937(1)),
            )[1][1] * 6.894757;

        return ($flow * $leak->shape->rate($p, $leak->isVacuum, 101.325))
            / $leak->shape->rate($p0, $leak->isVacuum, 101.325);
    }

    /**
     * Whether the same likelihood decides when noise, settling and shape are known and only level and leak are fitted.
     */
    private function oracleDecides(ScriptedLeak $leak, PressureTrace $trace, float $settledFrom): bool
    {
        $perPsi = 6.894757;
        $fixed = static fn (float $v): Parameter => new Parameter($v, $v, $v);
        $curve = HoldCurve::leak(
            LeakLaw::of($leak->shape, $leak->isVacuum, 1.3 * max(0.0, ...$trace->kilopascals), 101.325),
        );
        $seen = new Observations(
            $trace->seconds,
            $trace->kilopascals,
            array_fill(0, $trace->count(), 1.0),
            $trace->stepKilopascals,
            true,
        );
        $rate = $leak->leak->asPressureChangeOf($leak->rig->volume) / 1000.0;
        $fitter = new CurveFitter(
            $curve,
            $seen,
            [
                new Parameter($leak->startPsi * $perPsi, 0.05, 200.0),
                new Parameter($rate, 0.0, 100.0),
                $fixed($leak->settlingPsi * $perPsi),
                $fixed(log($leak->settlingSeconds)),
            ],
            $fixed(log($leak->noisePsi * $perPsi)),
        );
        $best = $fitter->fit();
        $ends = ProfileInterval::around($fitter, $best, 1, 3.84, 0.0, 100.0);
        $flow = static fn (Fit $f): float => Flow::fromPressureChange(
            $leak->rig->volume,
            1000.0
                * $curve->leakRateAt(
                    max(0.01, $curve->withoutSettling($f->parameters, [$settledFrom])[0]),
                    $f->parameters[0],
                    $f->parameters[1],
                ),
        )->inMillilitresPerMinute();

        return $flow($ends->high) < self::LIMIT_ML_PER_MIN || $flow($ends->low) > self::LIMIT_ML_PER_MIN;
    }
}
