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
use DustyJet\Diagnosis\Repair;
use DustyJet\Diagnosis\Safety;
use DustyJet\Diagnosis\Suspect;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Plays machines with known faults against the assistant, against greedy-entropy checks and against the checklist. */
final class DiagnosisScoring
{
    /** Charged to whoever runs out of moves. Invented, and the same for all three. */
    private const GAVE_UP_MINUTES = 300.0;

    /** @var array<int, array{said: float, right: int, count: int}> */
    public array $bins;

    private Randomizer $chance;

    /** The policy as it was: a look or the repair of one fault, never one strip for all of them. */
    private readonly Catalogue $withoutSweeps;

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
        $this->withoutSweeps = $catalogue->costing($catalogue->costs->withoutKit());
        $this->bins = array_fill(0, 10, ['said' => 0.0, 'right' => 0, 'count' => 0]);
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
                'checks',
                'before',
                'before_checks',
                'sure',
                'sure_repairs',
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
            $this->calibrate($machine);
            $played = $this->assisted($machine, $this->catalogue);
            $before = $this->assisted($machine, $this->withoutSweeps, looksFirst: true);
            [$listed, $listGaveUp] = $this->byChecklist($machine);
            $sum['assistant'] += $played['minutes'];
            $sum['checks'] += $played['checks'];
            $sum['before'] += $before['minutes'];
            $sum['before_checks'] += $before['checks'];
            $sum['sure'] += $played['firstLeader'] > 0.8 ? 1 : 0;
            $sum['sure_repairs'] += $played['firstLeader'] > 0.8 && $played['firstIsRepair'] ? 1 : 0;
            $sum['checklist'] += $listed;
            $sum['given_up'] += $played['gaveUp'] ? 1 : 0;
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

    /**
     * What it takes to follow the assistant until the machine is cured.
     *
     * @return array{minutes: float, checks: int, gaveUp: bool, firstIsRepair: bool, firstLeader: float}
     */
    private function assisted(Machine $machine, Catalogue $knowledge, bool $looksFirst = false): array
    {
        $case = $this->fresh($machine);
        $bench = new OpenBench($knowledge->accessOf($machine->family));
        $costs = $this->catalogue->costs;
        $played = ['minutes' => 0.0, 'checks' => 0, 'gaveUp' => false, 'firstIsRepair' => false, 'firstLeader' => 0.0];
        for ($move = 0; $move < 120; $move++) {
            $diagnosis = Diagnosis::of($knowledge, $case, 0);
            $check = $looksFirst ? $diagnosis->paying[0] ?? null : $diagnosis->nextCheck();
            if ($move === 0) {
                $played['firstLeader'] = $diagnosis->leader()->probability ?? 0.0;
                $played['firstIsRepair'] = $check === null;
            }
            if ($check !== null) {
                $played['minutes'] += $check->minutes + $check->check->risk->minutes;
                $played['checks']++;
                $case = $this->looked($machine, $case, $check);

                continue;
            }
            $repair = $diagnosis->plan[0] ?? null;
            if ($repair === null || array_diff($repair->cures, $case->repaired) === []) {
                return $this->lastResort($machine, $knowledge, $played);
            }
            $open = $bench->bits($case->open);
            $access = $repair->fault === null ? 0 : $bench->bits($repair->fault->cure->access);
            $played['minutes'] += $repair->minutes + $costs->verifyMinutes + $bench->missing($access, $open);
            foreach ($repair->cures as $fault) {
                $machine = $machine->repaired($fault);
            }
            if ($machine->isCured()) {
                return $played;
            }
            $case = $this->tried($machine, $case, $repair, $knowledge, $bench->staysOpen($open));
        }

        return $this->lastResort($machine, $knowledge, $played);
    }

    /**
     * Another carburetor: it cures what lay in the old one. What lay elsewhere is still there.
     *
     * @param  array{minutes: float, checks: int, gaveUp: bool, firstIsRepair: bool, firstLeader: float}  $played
     *
     * @return array{minutes: float, checks: int, gaveUp: bool, firstIsRepair: bool, firstLeader: float}
     */
    private function lastResort(Machine $machine, Catalogue $knowledge, array $played): array
    {
        foreach ($knowledge->faultsOf($machine->family) as $id => $fault) {
            $machine = $fault->isOutsideTheCarburetor() ? $machine : $machine->repaired($id);
        }
        $minutes = $this->catalogue->costs->lastResortMinutes()
            + ($machine->isCured() ? 0.0 : self::GAVE_UP_MINUTES);

        return ['minutes' => $played['minutes'] + $minutes, 'gaveUp' => true] + $played;
    }

    /** The try shows which complaints are left; what else the repair could change has to be looked at again. */
    private function tried(
        Machine $machine,
        DiagnosisCase $case,
        Repair $repair,
        Catalogue $knowledge,
        int $staysOpen,
    ): DiagnosisCase {
        $faults = $knowledge->faultsOf($machine->family);
        $shows = [];
        foreach ($repair->cures as $fault) {
            $shows += $faults[$fault]->shows;
        }
        $answers = array_diff_key($case->answers, $shows);
        foreach (array_keys($case->answers) as $finding) {
            if ($knowledge->findings[$finding]->isComplaint()) {
                $answers[$finding] = $machine->answer($finding);
            }
        }
        $bench = new OpenBench($knowledge->accessOf($machine->family));
        $isOpen = static fn (string $a): bool => ($bench->bits([$a]) & ~$staysOpen) === 0;
        $done = array_filter($case->checksDone, static function (string $id) use ($knowledge, $shows): bool {
            return array_intersect_key(array_flip($knowledge->checks[$id]->answers), $shows) === [];
        });

        return DiagnosisCase::of($knowledge, $case->family->id, $case->facts, $answers, array_values(array_unique([
            ...$done,
            ...array_filter($case->open, $isOpen),
            ...$case->repaired,
            ...$repair->cures,
        ])));
    }

    /** Said against right, a bin a tenth wide, over every fault of the first diagnosis. */
    private function calibrate(Machine $machine): void
    {
        foreach (Diagnosis::of($this->catalogue, $this->fresh($machine), 0)->suspects as $suspect) {
            $bin = min(9, (int) floor(10.0 * $suspect->probability));
            $so = $this->bins[$bin];
            $this->bins[$bin] = [
                'said' => $so['said'] + $suspect->probability,
                'right' => $so['right'] + (in_array($suspect->fault->id, $machine->faults, true) ? 1 : 0),
                'count' => $so['count'] + 1,
            ];
        }
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
        $bench = new OpenBench($this->catalogue->accessOf($machine->family));
        $repair = function (string $fault) use (&$minutes, &$open, &$machine, $faults, $costs, $bench): bool {
            $needs = $bench->bits($faults[$fault]->cure->access);
            $minutes += $faults[$fault]->cure->minutes + $costs->verifyMinutes + $bench->missing($needs, $open);
            $open = $bench->staysOpen($open);
            $machine = $machine->repaired($fault);

            return $machine->isCured();
        };
        $done = [];
        foreach ($this->checklist as $id) {
            $check = $checks[$id] ?? null;
            $standing = array_map($machine->answer(...), array_combine(array_keys($findings), array_keys($findings)));
            $safety = Safety::of($this->catalogue, $standing);
            if (
                $check === null
                || ! $safety->allows($check->needs->does)
                || ($check->needs->running && $machine->answer('will_not_start')->isThere())
            ) {
                continue;
            }
            if ($check->needs->startsEngine && ! $bench->engineCanRun($open)) {
                $open = $bench->staysOpen($open);
            }
            $needs = $bench->bits($check->needs->access);
            $minutes += $check->minutes + $check->risk->minutes + $bench->missing($needs, $open);
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

        return [$minutes + self::GAVE_UP_MINUTES, true];
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
