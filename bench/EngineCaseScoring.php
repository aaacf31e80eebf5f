<?php

declare(strict_types=1);

namespace Bench;

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\Fault;
use DustyJet\Diagnosis\RankedCheck;
use DustyJet\Diagnosis\Suspect;
use DustyJet\Engine\EngineFault;
use DustyJet\Engine\RandomEngine;
use DustyJet\Engine\Stroke;
use DustyJet\Numerics\Chance;
use DustyJet\Practice\SickEngine;
use DustyJet\Practice\Technician;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Virtual engines with one or two faults, taken through the diagnosis by somebody who sees only what ear, eye and gauge
 * give. The engine's equations make the answers, not the likelihoods by which they are weighed.
 */
final class EngineCaseScoring
{
    /** One screw does not stand wrong both ways. */
    private const APART = [
        ['idle_mixture_lean', 'idle_mixture_rich'],
        ['main_mixture_lean', 'main_mixture_rich'],
        ['float_set_high', 'float_set_low'],
        ['lever_set_high', 'lever_set_low'],
        ['choke_left_on', 'choke_does_not_close'],
    ];

    private const TWO_FAULTS = 0.3;

    private const STRENGTHS = [0.3, 1.0];

    private const TOP = 3;

    private const TRIES = 200;

    public const CHECKS = 4;

    /** @var list<string> faults that were not found after the last check */
    public array $missed = [];

    /** Draws whose customer had nothing to say. */
    public int $silent = 0;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly int $seed,
        private readonly bool $isByPrior,
        private readonly bool $isSeeking,
    ) {
    }

    /**
     * @return array{double: int, found: list<int>, both: int} how many had two faults; in how many a true fault was in the
     *     top three at the complaint and after each check; of two faults, how often both after the fourth
     */
    public function play(int $cases): array
    {
        $sum = ['double' => 0, 'found' => array_fill(0, self::CHECKS + 1, 0), 'both' => 0];
        for ($i = 0; $i < $cases; $i++) {
            [$engine, $technician, $case] = $this->drawn(new Randomizer(new Mt19937($this->seed + 7919 * $i)));
            $sum['double'] += count($engine->faults) - 1;
            $found = $this->found($engine, $case);
            $sum['found'][0] += $found > 0 ? 1 : 0;
            for ($k = 1; $k <= self::CHECKS; $k++) {
                $case = $this->checked($technician, $case);
                $found = $this->found($engine, $case);
                $sum['found'][$k] += $found > 0 ? 1 : 0;
            }
            $sum['both'] += $found === 2 ? 1 : 0;
            if ($found === 0) {
                $this->missed[] = implode(' and ', array_keys($engine->faults));
            }
        }

        return $sum;
    }

    /**
     * A machine that came in: its engine, who stands before it, and what its customer says.
     *
     * @return array{0: SickEngine, 1: Technician, 2: DiagnosisCase}
     */
    private function drawn(Randomizer $source): array
    {
        $chance = new Chance($source);
        $families = array_values($this->catalogue->families);
        $kind = $families[$source->getInt(0, count($families) - 1)];
        $stroke = in_array('two_stroke', $kind->traits, true) ? Stroke::Two : Stroke::Four;
        $faults = array_filter(
            $this->catalogue->faultsOf($kind),
            static fn (Fault $f): bool => EngineFault::tryFrom($f->id) !== null,
        );
        $well = RandomEngine::of($source, $stroke);
        $facts = new Facts(
            $source->getInt(0, 1) === 0 ? null : $source->getInt(0, 400),
            $source->getInt(0, 1) === 0 ? null : $source->getInt(0, 400),
        );
        for ($try = 0; $try < self::TRIES; $try++) {
            $count = $chance->between(0.0, 1.0) < self::TWO_FAULTS ? 2 : 1;
            $drawn = [];
            while (count($drawn) < $count) {
                $drawn[$this->oneOf($faults, $facts, $chance)] = $chance->between(...self::STRENGTHS);
                $drawn = self::canBe($drawn) ? $drawn : [];
            }
            $engine = new SickEngine($well, $drawn);
            $technician = Technician::at($engine, $chance);
            $said = $technician->complaints($this->catalogue->findingsOf($kind));
            if ($said !== []) {
                return [$engine, $technician, DiagnosisCase::of($this->catalogue, $kind->id, $facts, $said)];
            }
            $this->silent++;
        }
        throw new \RuntimeException("No engine of {$kind->id} has anything to complain of.");
    }

    /** @param  array<string, float>  $faults */
    private static function canBe(array $faults): bool
    {
        return array_filter(self::APART, static fn (array $two): bool => isset($faults[$two[0]], $faults[$two[1]])) === [];
    }

    /** @param  array<string, Fault>  $faults */
    private function oneOf(array $faults, Facts $facts, Chance $chance): string
    {
        $weights = array_map(
            fn (Fault $f): float => $this->isByPrior ? $f->odds($facts) : 1.0,
            $faults,
        );
        $left = $chance->between(0.0, array_sum($weights));
        foreach ($weights as $id => $weight) {
            $left -= $weight;
            if ($left <= 0.0) {
                return $id;
            }
        }

        return (string) array_key_last($faults);
    }

    /** Checks that are offered, done until one of them tells something. */
    private function checked(Technician $technician, DiagnosisCase $case): DiagnosisCase
    {
        $known = self::known($case);
        while (self::known($case) === $known) {
            $diagnosis = Diagnosis::of($this->catalogue, $case, 0);
            $check = $this->isSeeking ? $diagnosis->tellsMost() : $diagnosis->checks[0] ?? null;
            if ($check === null) {
                break;
            }
            $case = $this->looked($technician, $case, $check);
        }

        return $case;
    }

    private static function known(DiagnosisCase $case): int
    {
        return count(array_filter($case->answers, static fn (Answer $a): bool => $a->isEvidence()));
    }

    private function looked(Technician $technician, DiagnosisCase $case, RankedCheck $ranked): DiagnosisCase
    {
        $answers = $case->answers;
        foreach (array_keys($ranked->outcomes[0]['answers']) as $finding) {
            $answers[$finding] = $technician->answer($this->catalogue->findings[$finding]);
        }
        $done = [...$case->checksDone, ...$case->open, $ranked->check->id, ...$ranked->check->needs->access];

        return DiagnosisCase::of(
            $this->catalogue,
            $case->family->id,
            $case->facts,
            $answers,
            array_values(array_unique($done)),
        );
    }

    /** How many of its faults are among the likeliest three. */
    private function found(SickEngine $engine, DiagnosisCase $case): int
    {
        $top = array_map(
            static fn (Suspect $s): string => $s->fault->id,
            array_slice(Diagnosis::of($this->catalogue, $case, 0)->suspects, 0, self::TOP),
        );

        return count(array_intersect(array_keys($engine->faults), $top));
    }
}
