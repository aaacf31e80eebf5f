<?php

declare(strict_types=1);

namespace Tests\Core\Diagnosis;

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Deed;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\FlowRun;
use DustyJet\Diagnosis\PossibleChecks;
use DustyJet\Diagnosis\Safety;
use Random\Randomizer;

/** What a diagnosis offers in a state of the machine, by every path, and what it must not. */
final class Offered
{
    /** @return array<string, list<string>> deeds by the finding that forbids them: written here, apart from the knowledge */
    public static function forbidden(): array
    {
        $wet = ['start', 'run', 'full_throttle', 'spark', 'prime'];

        return [
            'fuel_dripping' => $wet,
            'drips_from_vent' => $wet,
            'drips_at_joint' => $wet,
            'hose_wet' => $wet,
            'vent_weeps_on_bulb' => $wet,
            'outlet_broken' => $wet,
            'fuel_in_oil' => $wet,
            'floods' => ['prime'],
            'plug_wet' => ['prime'],
            'over_speeds' => ['run', 'full_throttle', 'leaner'],
            'races_without_power' => ['run', 'full_throttle', 'leaner'],
            'linkage_wrong' => ['run', 'full_throttle'],
            'crankcase_leaks' => ['full_throttle', 'leaner'],
            'changes_when_sprayed' => ['full_throttle', 'leaner'],
            'mix_wrong' => ['run', 'full_throttle', 'leaner'],
            'creeps_at_idle' => ['run', 'full_throttle'],
        ];
    }

    /** @return list<array{0: string, 1: list<string>}> */
    public static function rows(): array
    {
        return array_map(
            static fn (string $finding, array $deeds): array => [$finding, $deeds],
            array_keys(self::forbidden()),
            self::forbidden(),
        );
    }

    /**
     * @param  array<string, Answer>  $answers
     *
     * @return array<string, list<string>> deeds of what is offered in this state, by name
     */
    public static function in(string $family, array $answers, bool $withPlan): array
    {
        $known = Knowledge::real();
        $kind = $known->family($family);
        $case = DiagnosisCase::of($known, $family, new Facts, $answers);
        $offered = [];
        foreach (PossibleChecks::of($known, $case)->checks as $check) {
            $offered["check {$check->id}"] = $check->needs->does;
        }
        foreach ($withPlan ? Diagnosis::of($known, $case, 0)->plan : [] as $repair) {
            $offered["repair {$repair->id}"] = $repair->fault->cure->does ?? [];
        }
        $safety = Safety::of($known, $answers);
        $findings = $known->findingsOf($kind);
        foreach ($known->flowsOf($kind) as $id => $flow) {
            // Wherever it may stand: every step done so far.
            $steps = [];
            foreach ($flow->steps as $key => $step) {
                $run = FlowRun::of($flow, $kind, $findings, $answers, $steps, $safety);
                if ($run->stoppedBy === null) {
                    $offered["flow {$id} {$run->at->id}"] = $run->at->does;
                }
                $steps[$key] = ['counted' => $step->most, 'worked' => $step->count === null];
            }
        }

        return array_map(static fn (array $does): array => array_map(static fn (Deed $d): string => $d->value, $does), $offered);
    }

    /**
     * Up to 25 answers of a family, whatever they are.
     *
     * @return array{0: string, 1: array<string, Answer>, 2: list<string>} family, answers, and the deeds they forbid
     */
    public static function anyState(Catalogue $known, Randomizer $chance): array
    {
        $families = array_values($known->families);
        $kind = $families[$chance->getInt(0, count($families) - 1)];
        $here = $known->findingsOf($kind);
        $answers = [];
        foreach ($chance->pickArrayKeys($here, $chance->getInt(1, 25)) as $id) {
            $outcomes = $here[$id]->outcomes();
            $answers[$id] = $outcomes[$chance->getInt(0, count($outcomes) - 1)];
        }
        $there = array_filter($answers, static fn (Answer $a): bool => $a->isThere());

        return [$kind->id, $answers, array_merge(...array_values(array_intersect_key(self::forbidden(), $there)))];
    }
}
