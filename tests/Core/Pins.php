<?php

declare(strict_types=1);

namespace Tests\Core;

use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\LeakIsolation\FeasibleTest;
use DustyJet\LeakIsolation\Isolation;
use DustyJet\LeakIsolation\LeakCase;
use DustyJet\LeakIsolation\Outcome;
use DustyJet\LeakIsolation\PressureTest;
use DustyJet\LeakIsolation\SoapTest;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\School;
use DustyJet\PopOff\PopSeries;
use DustyJet\PopOff\ScriptedPopOff;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use DustyJet\Quantity\Volume;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Engine\EnginePins;

/**
 * What the fits say of seeded inputs, number by number. That they are right is shown elsewhere, against certified values
 * and in the scoring of bin/bench; these show that a change of a number was meant.
 */
final readonly class Pins
{
    /** @return array<string, array<string, mixed>> */
    public static function all(): array
    {
        return [
            'holds' => self::holds(),
            'pops' => self::pops(),
            'leaks' => self::leaks(),
            'runs' => self::runs(),
            'engines' => EnginePins::engines(),
            'banks' => EnginePins::banks(),
        ];
    }

    /** @return array<string, mixed> */
    private static function holds(): array
    {
        $rig = new Rig(Volume::ofMillilitres(18.0), 0.02);
        $flow = Flow::ofMillilitresPerMinute(...);
        $scripts = [
            'tight, fine' => [new ScriptedLeak($rig, LeakShape::Linear, $flow(0.0), settlingPsi: 0.3, stepPsi: 0.01), 60, 2],
            'tight, coarse' => [new ScriptedLeak($rig, LeakShape::Linear, $flow(0.0), stepPsi: 0.25), 120, 10],
            'linear' => [new ScriptedLeak($rig, LeakShape::Linear, $flow(1.4), settlingPsi: 0.4, stepPsi: 0.05), 60, 3],
            'viscous' => [new ScriptedLeak($rig, LeakShape::ViscousCrack, $flow(4.0), startPsi: 7.0, stepPsi: 0.02), 90, 3],
            'orifice' => [new ScriptedLeak($rig, LeakShape::Orifice, $flow(9.0), startPsi: 7.0, stepPsi: 0.02), 60, 2],
            'orifice, vacuum' => [
                new ScriptedLeak($rig, LeakShape::Orifice, $flow(5.0), startPsi: 7.4, isVacuum: true, stepPsi: 0.05), 60, 3,
            ],
            'viscous, vacuum' => [
                new ScriptedLeak($rig, LeakShape::ViscousCrack, $flow(2.0), startPsi: 6.0, isVacuum: true, stepPsi: 0.02), 80, 4,
            ],
            'holds below' => [
                new ScriptedLeak(
                    $rig, LeakShape::Linear, $flow(3.0), stepPsi: 0.02, sealsBelowPsi: 2.5, plateauTauSeconds: 20.0,
                ), 120, 2,
            ],
            'undecided' => [new ScriptedLeak($rig, LeakShape::Linear, $flow(0.6), stepPsi: 0.1), 20, 2],
            'by hand' => [new ScriptedLeak($rig, LeakShape::Linear, $flow(2.2), noisePsi: 0.03, stepPsi: 0.25), 60, 10],
        ];
        $pins = [];
        foreach ($scripts as $name => [$script, $seconds, $every]) {
            $trace = $script->trace(range(0, $seconds, $every), new Randomizer(new Mt19937(strlen($name))));
            $result = HoldTest::judge($trace, $rig, new Limits($flow(0.6), Limits::ofLeak($flow(0.6))->working, 0.1));
            $pins[$name] = [
                $result->model->value, $result->shape->value, $result->verdict->value,
                self::sum($trace->kilopascals), $result->settledFrom->inSeconds(), $result->start->inKilopascals(),
                $result->tau?->inSeconds(), $result->plateau?->inKilopascals(),
                $result->leak->best->inMillilitresPerMinute(), $result->leak->low->inMillilitresPerMinute(),
                $result->leak->high->inMillilitresPerMinute(), $result->watchMore?->inSeconds(), $result->margin,
                $result->noiseKilopascals, self::sum($result->fitted->at([0.0, 10.0, 30.0])['best']),
            ];
        }

        return $pins;
    }

    /** @return array<string, mixed> */
    private static function pops(): array
    {
        $pins = [];
        foreach ([
            'fine' => [new ScriptedPopOff(noisePsi: 0.03, stepPsi: 0.01), 20.0],
            'coarse' => [new ScriptedPopOff(noisePsi: 0.1, stepPsi: 0.25), 10.0],
            'shallow' => [new ScriptedPopOff(9.5, 8.5, noisePsi: 0.08, stepPsi: 0.1), 10.0],
            'slow gauge' => [new ScriptedPopOff(13.0, 10.0, strokeSeconds: 1.0), 5.0],
            'five of them, leaking' => [new ScriptedPopOff(12.0, 9.0, 0.3, 5, leakPerSecond: 0.01, noisePsi: 0.15), 20.0],
            'none' => [new ScriptedPopOff(pops: 0, leakPerSecond: 0.02), 10.0],
        ] as $name => [$script, $perSecond]) {
            $made = $script->trace($perSecond, new Randomizer(new Mt19937(strlen($name))));
            $series = PopSeries::in(PressureTrace::of($made['readings'], PressureUnit::Psi, false, $script->stepPsi));
            $pins[$name] = [count($made['readings']), self::sum(array_column($made['readings'], 1))];
            foreach ($series->pops as $pop) {
                array_push($pins[$name], $pop->seconds, $pop->pop->inPsi(), $pop->reseat->inPsi());
            }
        }

        return $pins;
    }

    /** @return array<string, mixed> */
    private static function leaks(): array
    {
        $joints = ['hose' => 0.05, 'barb' => 0.1, 'seam' => 0.06, 'cover' => 0.1, 'sheet' => 0.1, 'needle' => 0.28, 'seat' => 0.05];
        $all = array_keys($joints);
        $whole = static fn (?float $flow): PressureTest => new PressureTest('whole', $all, 34.5, Outcome::Leaks, $flow, $flow === null ? null : 0.1);
        $stub = static fn (Outcome $o, ?float $flow = null, float $kpa = 34.5): PressureTest => new PressureTest(
            'stub', ['hose', 'cover', 'sheet', 'needle', 'seat'], $kpa, $o, $flow, $flow === null ? null : 0.2,
        );
        $needle = new PressureTest('needle', ['hose', 'needle', 'seat'], 48.0, Outcome::KeepWatching);
        $soap = new SoapTest('soap', ['hose', 'barb', 'seam', 'cover'], ['seam']);
        $feasible = [
            new FeasibleTest('plug', false, ['hose'], 1.0),
            new FeasibleTest('stub', false, ['hose', 'cover', 'sheet', 'needle', 'seat'], 2.5),
            new FeasibleTest('needle', false, ['hose', 'needle', 'seat'], 4.0),
            new FeasibleTest('soap', true, ['hose', 'barb', 'seam', 'cover'], 2.0),
        ];
        $pins = [];
        foreach ([
            'only seen' => [[$whole(null)], []],
            'with a flow' => [[$whole(3.0)], []],
            'stub holds' => [[$whole(3.0), $stub(Outcome::Holds)], []],
            'stub leaks as much' => [[$whole(3.0), $stub(Outcome::Leaks, 2.9)], []],
            'stub leaks half, at another pressure' => [[$whole(3.0), $stub(Outcome::Leaks, 1.2, 48.0), $needle], []],
            'bubbles' => [[$whole(3.0), $stub(Outcome::Leaks, 1.0)], [$soap]],
            'against each other' => [[$whole(1.0), $stub(Outcome::Leaks, 6.0)], []],
        ] as $name => [$pressure, $soaped]) {
            $isolation = Isolation::of(new LeakCase($joints, $pressure, $soaped, $feasible));
            $pins[$name] = [implode(' ', $isolation->cleared), implode(' ', $isolation->contradicts ?? [])];
            foreach ($isolation->suspects as $suspect) {
                array_push($pins[$name], $suspect->joint, $suspect->probability, $suspect->flow->best, $suspect->flow->low, $suspect->flow->high);
            }
            foreach ($isolation->groups as $group) {
                array_push($pins[$name], implode(' ', $group->joints), $group->flow->best, $group->flow->low, $group->flow->high);
            }
            array_push($pins[$name], $isolation->next?->test->name, $isolation->next?->bits);
        }

        return $pins;
    }

    /** @return array<string, mixed> */
    private static function runs(): array
    {
        $pins = [];
        foreach ([[1.5, 900.0], [2.2, 400.0], [0.9, 1800.0]] as [$peak, $bend]) {
            foreach ([School::Peak, School::Midpoint] as $school) {
                $chance = new Randomizer(new Mt19937((int) (10 * $peak)));
                $readings = [];
                foreach ([0.75, 1.0, 1.25, 1.75, 2.0, 2.5, 3.0] as $turns) {
                    $rpm = 1800.0 - $bend * log($turns / $peak) ** 2 + $chance->getInt(-8, 8);
                    $readings[] = new MixtureReading(Turns::ofUnits((int) (48 * $turns)), RotationalSpeed::ofRpm(max(300.0, $rpm)));
                    $pins["{$school->value} {$peak} of ".count($readings)] = self::run(MixtureRun::judge($readings, $school));
                }
            }
            $readings = [];
            foreach ([2.0, 1.75, 1.5, 1.25, 1.0] as $turns) {
                $rpm = 12000.0 - 2000.0 * ($turns - $peak) ** 2;
                $heard = $turns > 1.25 ? [Mark::Flutter] : [Mark::Clean];
                $readings[] = new MixtureReading(
                    Turns::ofUnits((int) (48 * $turns)), RotationalSpeed::ofRpm($rpm), $heard,
                );
                $screw = new MixtureScrew(maximumRpm: 12500.0);
                $pins["flutter {$peak} of ".count($readings)] = self::run(
                    MixtureRun::judge($readings, School::Flutter, $screw),
                );
            }
        }

        return $pins;
    }

    /** @return list<mixed> */
    private static function run(MixtureResult $result): array
    {
        return [
            $result->peak?->turns, $result->peak?->low, $result->peak?->high, $result->peakRpm, $result->answer?->turns,
            $result->nextTurns, $result->done, $result->reason->value, count($result->curve),
            self::sum(array_column($result->curve, 0)), self::sum(array_column($result->curve, 1)),
        ];
    }

    /** @param  array<array-key, float>  $values */
    private static function sum(array $values): float
    {
        return array_sum(array_map(static fn (float $v, int $i): float => $v * (1.0 + 0.01 * $i), $values, array_keys($values)));
    }
}
