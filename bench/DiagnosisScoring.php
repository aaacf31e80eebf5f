<?php

declare(strict_types=1);

namespace Bench;

use DustyJet\Diagnosis\Belief;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\Hypotheses;
use DustyJet\Diagnosis\OpenBench;
use DustyJet\Diagnosis\RankedCheck;
use DustyJet\Diagnosis\Suspect;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Plays machines with known faults against the assistant, against greedy-entropy checks and against the checklist. */
final class DiagnosisScoring
{
    private Randomizer $chance;

    private OpenBench $bench;

    /**
     * @param  list<string>  $checklist
     * @param  float  $perturbed sigma of the logit of every strength by which the world differs from what the
     *     assistant knows
     */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly array $checklist,
        private readonly int $seed,
        private readonly float $perturbed = 0.0,
    ) {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->bench = new OpenBench($catalogue->access);
    }

    /** @return array<string, float> sums over the cases; shares are made by the caller */
    public function play(int $cases, bool $withEntropy): array
    {
        $sum = array_fill_keys(
            [
                'single',
                'single_hit',
                'single_entropy',
                'double',
                'any_hit',
                'all_hit',
                'any_entropy',
                'all_entropy',
                'assistant',
                'checklist',
                'given_up',
                'checklist_given_up',
            ],
            0.0,
        );
        $families = array_values($this->catalogue->families);
        for ($i = 0; $i < $cases; $i++) {
            $this->chance = new Randomizer(new Mt19937($this->seed + 7919 * $i));
            $family = $families[$this->chance->getInt(0, count($families) - 1)];
            $machine = $this->draw($family);
            $top = $this->afterThreeChecks(
                $machine,
                fn (DiagnosisCase $c): ?RankedCheck => Diagnosis::of($this->catalogue, $c, 0)->checks[0] ?? null,
            );
            $found = count(array_intersect($machine->faults, $top));
            $entropyFound = $withEntropy
                ? count(array_intersect($machine->faults, $this->afterThreeChecks($machine, $this->leastEntropy(...))))
                : 0;
            if (count($machine->faults) === 1) {
                $sum['single']++;
                $sum['single_hit'] += $found;
                $sum['single_entropy'] += $entropyFound;
            } else {
                $sum['double']++;
                $sum['any_hit'] += $found > 0 ? 1 : 0;
                $sum['all_hit'] += $found === 2 ? 1 : 0;
                $sum['any_entropy'] += $entropyFound > 0 ? 1 : 0;
                $sum['all_entropy'] += $entropyFound === 2 ? 1 : 0;
            }
            [$minutes, $gaveUp] = $this->assisted($machine);
            [$listed, $listGaveUp] = $this->byChecklist($machine);
            $sum['assistant'] += $minutes;
            $sum['checklist'] += $listed;
            $sum['given_up'] += $gaveUp ? 1 : 0;
            $sum['checklist_given_up'] += $listGaveUp ? 1 : 0;
        }

        return $sum;
    }

    /** A machine that comes in with at least one complaint, drawn from the knowledge. */
    public function draw(CarburetorKind $family): Machine
    {
        while (true) {
            $facts = new Facts(
                $this->chance->getInt(0, 1) === 0 ? null : $this->chance->getInt(0, 400),
                $this->chance->getInt(0, 1) === 0 ? null : $this->chance->getInt(0, 400),
            );
            $hypotheses = new Hypotheses(
                $this->catalogue->faultsOf($family),
                $this->catalogue->findingsOf($family),
                $facts,
            );
            $u = $this->uniform();
            $h = 0;
            foreach ($hypotheses->prior() as $h => $weight) {
                $u -= $weight;
                if ($u < 0.0) {
                    break;
                }
            }
            $faults = array_map(
                static fn (int $i): string => $hypotheses->faults[$i],
                array_values(
                    array_filter([$hypotheses->first[$h], $hypotheses->second[$h]], static fn (int $i): bool => $i >= 0),
                ),
            );
            $machine = new Machine($family, $facts, $faults, $hypotheses, $this->chance, $this->perturbed);
            if ($faults !== [] && $machine->complaints() !== []) {
                return $machine;
            }
        }
    }

    /**
     * @param  callable(DiagnosisCase): (RankedCheck|null)  $choose
     *
     * @return list<string> the three likeliest faults
     */
    private function afterThreeChecks(Machine $machine, callable $choose): array
    {
        $case = $this->fresh($machine);
        for ($k = 0; $k < 3; $k++) {
            $check = $choose($case);
            if ($check === null) {
                break;
            }
            $case = $this->looked($machine, $case, $check);
        }

        return array_map(
            static fn (Suspect $s): string => $s->fault->id,
            array_slice(Diagnosis::of($this->catalogue, $case, 0)->suspects, 0, 3),
        );
    }

    /** The check that leaves the least expected entropy, whatever it costs. */
    private function leastEntropy(DiagnosisCase $case): ?RankedCheck
    {
        $hypotheses = new Hypotheses(
            $this->catalogue->faultsOf($case->family),
            $this->catalogue->findingsOf($case->family),
            $case->facts,
        );
        $weights = Belief::of($hypotheses, $case)->weights;
        $best = null;
        $least = INF;
        foreach (Diagnosis::of($this->catalogue, $case, 0)->checks as $ranked) {
            $entropy = 0.0;
            foreach ($ranked->outcomes as $outcome) {
                $left = $weights;
                foreach ($outcome['answers'] as $finding => $answer) {
                    foreach ($hypotheses->likelihood($finding, $answer) as $h => $l) {
                        $left[$h] *= $l;
                    }
                }
                $p = array_sum($left);
                foreach ($left as $w) {
                    $entropy -= $w > 0.0 ? $w * log($w / $p) : 0.0;
                }
            }
            if ($entropy < $least) {
                [$best, $least] = [$ranked, $entropy];
            }
        }

        return $best;
    }

    /** @return array{0: float, 1: bool} minutes, and whether it ended in the last resort */
    private function assisted(Machine $machine): array
    {
        $case = $this->fresh($machine);
        $minutes = 0.0;
        $costs = $this->catalogue->costs;
        for ($move = 0; $move < 120; $move++) {
            $diagnosis = Diagnosis::of($this->catalogue, $case, 0);
            $check = $diagnosis->nextCheck();
            if ($check !== null) {
                $minutes += $check->minutes + $check->check->risk->minutes;
                $case = $this->looked($machine, $case, $check);

                continue;
            }
            $fault = $diagnosis->plan[0] ?? null;
            if ($fault === null || in_array($fault->id, $case->repaired, true)) {
                return [$minutes + $costs->lastResortMinutes, true];
            }
            $minutes
                += $fault->cure->minutes
                + $costs->verifyMinutes
                + $this->bench->missing($this->bench->bits($fault->cure->access), $this->bench->bits($case->open));
            $machine = $machine->repaired($fault->id);
            if ($machine->isCured()) {
                return [$minutes, false];
            }
            // The try shows which complaints are left; what else the repair could change has to be looked at again.
            $answers = array_filter(
                $case->answers,
                static fn (string $f): bool => ! isset($fault->shows[$f]),
                ARRAY_FILTER_USE_KEY,
            );
            foreach (array_keys($case->answers) as $finding) {
                if ($this->catalogue->findings[$finding]->isComplaint()) {
                    $answers[$finding] = $machine->answer($finding);
                }
            }
            $case = DiagnosisCase::of($this->catalogue, $case->family->id, $case->facts, $answers, [
                ...$case->repaired,
                $fault->id,
            ]);
        }

        return [$minutes + $costs->lastResortMinutes, true];
    }

    /** @return array{0: float, 1: bool} */
    private function byChecklist(Machine $machine): array
    {
        $minutes = 0.0;
        $open = 0;
        $costs = $this->catalogue->costs;
        $checks = $this->catalogue->checksOf($machine->family);
        $findings = $this->catalogue->findingsOf($machine->family);
        $faults = $this->catalogue->faultsOf($machine->family);
        $repair = function (string $fault) use (&$minutes, &$open, &$machine, $faults, $costs): bool {
            $needs = $this->bench->bits($faults[$fault]->cure->access);
            $minutes += $faults[$fault]->cure->minutes + $costs->verifyMinutes + $this->bench->missing($needs, $open);
            $open = 0;
            $machine = $machine->repaired($fault);

            return $machine->isCured();
        };
        $done = [];
        foreach ($this->checklist as $id) {
            $check = $checks[$id] ?? null;
            $unsafe = array_filter(
                $this->catalogue->forbidStart,
                static fn (string $f): bool => isset($findings[$f]) && $machine->answer($f)->isThere(),
            );
            if (
                $check === null
                || ($check->needs->startsEngine
                    && ($unsafe !== [] || ($check->needs->running && $machine->answer('will_not_start')->isThere())))
            ) {
                continue;
            }
            if ($check->needs->startsEngine && ! $this->bench->engineCanRun($open)) {
                $open = 0;
            }
            $needs = $this->bench->bits($check->needs->access);
            $minutes += $check->minutes + $check->risk->minutes + $this->bench->missing($needs, $open);
            $open |= $needs;
            foreach ($check->answers as $finding) {
                if (! isset($findings[$finding]) || ! $machine->answer($finding)->isThere()) {
                    continue;
                }
                $likeliest = null;
                $most = 0.0;
                foreach ($faults as $fault) {
                    $weight = $fault->odds($machine->facts) * ($fault->shows[$finding][0] ?? 0.0);
                    if ($weight > $most && ! isset($done[$fault->id])) {
                        [$likeliest, $most] = [$fault->id, $weight];
                    }
                }
                if ($likeliest !== null) {
                    $done[$likeliest] = true;
                    if ($repair($likeliest)) {
                        return [$minutes, false];
                    }
                }
            }
        }
        $rest = array_diff_key($faults, $done);
        uasort($rest, static fn ($a, $b): int => $b->odds($machine->facts) <=> $a->odds($machine->facts));
        foreach ($rest as $id => $fault) {
            if ($repair($id)) {
                return [$minutes, false];
            }
        }

        return [$minutes + $costs->lastResortMinutes, true];
    }

    private function fresh(Machine $machine): DiagnosisCase
    {
        return DiagnosisCase::of($this->catalogue, $machine->family->id, $machine->facts, $machine->complaints());
    }

    private function looked(Machine $machine, DiagnosisCase $case, RankedCheck $ranked): DiagnosisCase
    {
        $answers = $case->answers;
        foreach (array_keys($ranked->outcomes[0]['answers']) as $finding) {
            $answers[$finding] = $machine->answer($finding);
        }
        $done = [
            ...$case->checksDone,
            ...$case->open,
            ...$case->repaired,
            $ranked->check->id,
            ...$ranked->check->needs->access,
        ];

        return DiagnosisCase::of(
            $this->catalogue,
            $case->family->id,
            $case->facts,
            $answers,
            array_values(array_unique($done)),
        );
    }

    private function uniform(): float
    {
        return $this->chance->getInt(0, (1 << 30) - 1) / (1 << 30);
    }
}
