<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * Ranks the checks possible now by what they save: ECR(b) - E[ECR(b after)] - minutes (Heckerman, Breese and Rommelse
 * 1995).
 *
 * Minutes count access already gained; what a check opens stays open for the repair. Where no check pays alone, the
 * best few are tried two by two.
 *
 * @internal
 */
final class CheckRanking
{
    private const PAIRS_AMONG = 5;

    public readonly RepairPlan $plan;

    /** @var list<RankedCheck> */
    public readonly array $checks;

    public readonly PossibleChecks $possible;

    private readonly OpenBench $bench;

    private readonly int $open;

    private readonly Repairs $repairs;

    private readonly Safety $safety;

    private function __construct(
        private readonly Catalogue $catalogue,
        private readonly DiagnosisCase $case,
        private readonly Belief $belief,
    ) {
        $this->bench = new OpenBench($catalogue->accessOf($case->family));
        $this->open = $this->bench->bits($case->open);
        $this->safety = Safety::of($catalogue, $case->answers);
        $this->repairs = Repairs::of($belief->hypotheses, $catalogue->costs, $this->bench);
        $this->plan = $this->plan($belief->weights, $this->open);
        $this->possible = PossibleChecks::of($catalogue, $case);
        $this->checks = $this->ranked($this->possible->checks);
    }

    /** @return list<Repair> none that something found forbids */
    public function planned(): array
    {
        $faults = array_values($this->belief->hypotheses->faultsById);

        $repairs = array_map(fn (int $i): Repair => isset($faults[$i])
            ? Repair::of($faults[$i])
            : Repair::kit(
                array_values(array_intersect_key($faults, array_filter($this->repairs->inKit))),
                $this->catalogue->costs,
            ), $this->plan->order);

        return array_values(array_filter(
            $repairs,
            fn (Repair $r): bool => $this->safety->allows($r->fault->cure->does ?? []),
        ));
    }

    public static function of(Catalogue $catalogue, DiagnosisCase $case, Belief $belief): self
    {
        return new self($catalogue, $case, $belief);
    }

    /**
     * @param  list<Check>  $possible
     *
     * @return list<RankedCheck>
     */
    private function ranked(array $possible): array
    {
        $ranked = [];
        foreach ($possible as $check) {
            $ranked[] = $this->worth($check);
        }
        usort($ranked, static fn (RankedCheck $a, RankedCheck $b): int => $b->gain <=> $a->gain);
        if ($ranked !== [] && $ranked[0]->gain <= 0.0) {
            $pair = $this->bestPair(array_slice($ranked, 0, self::PAIRS_AMONG));
            if ($pair !== null) {
                $ranked = [
                    $pair,
                    ...array_values(
                        array_filter($ranked, static fn (RankedCheck $r): bool => $r->check->id !== $pair->check->id),
                    ),
                ];
            }
        }

        return $ranked;
    }

    private function worth(Check $check): RankedCheck
    {
        $needs = $this->bench->bits($check->needs->access);
        $minutes = $check->minutes + $this->bench->missing($needs, $this->open);
        $after = 0.0;
        $outcomes = [];
        foreach ($this->outcomes($check, $this->belief->weights) as [$answers, $weights]) {
            $plan = $this->plan($weights, $this->open | $needs);
            $after += $plan->expectedMinutes;
            $chance = array_sum($weights);
            $outcomes[] = [
                'answers' => $answers,
                'probability' => $chance,
                'leader' => $this->belief->hypotheses->faults[$plan->likeliest] ?? null,
                'leaderChance' => $plan->likeliestChance / $chance,
            ];
        }

        return new RankedCheck(
            $check,
            $minutes,
            $this->plan->expectedMinutes - $after - $minutes - $check->risk->minutes,
            $this->bench->steps($needs, $this->open),
            $outcomes,
        );
    }

    /**
     * Two checks worthless singly may pay together: the second is done only where it helps after the first.
     *
     * @param  list<RankedCheck>  $among
     */
    private function bestPair(array $among): ?RankedCheck
    {
        $best = null;
        foreach ($among as $first) {
            foreach ($among as $second) {
                if ($first === $second) {
                    continue;
                }
                $gain = $this->pairGain($first, $second);
                if ($gain > 0.0 && ($best === null || $gain > $best->gain)) {
                    $best = new RankedCheck(
                        $first->check,
                        $first->minutes,
                        $gain,
                        $first->opens,
                        $first->outcomes,
                        $second->check->id,
                    );
                }
            }
        }

        return $best;
    }

    private function pairGain(RankedCheck $first, RankedCheck $second): float
    {
        $open = $this->open | $this->bench->bits($first->check->needs->access);
        $needs = $this->bench->bits($second->check->needs->access);
        $cost = $second->check->minutes + $second->check->risk->minutes + $this->bench->missing($needs, $open);
        $after = 0.0;
        foreach ($this->outcomes($first->check, $this->belief->weights) as [, $weights]) {
            $looked = $cost * array_sum($weights);
            foreach ($this->outcomes($second->check, $weights) as [, $both]) {
                $looked += $this->plan($both, $open | $needs)->expectedMinutes;
            }
            $after += min($looked, $this->plan($weights, $open)->expectedMinutes);
        }

        return $this->plan->expectedMinutes - $after - $first->minutes - $first->check->risk->minutes;
    }

    /**
     * Every way a check can come out, with the weights it leaves: not normalised, their sum is its chance.
     *
     * @param  list<float>  $weights
     *
     * @return list<array{0: array<string, Answer>, 1: list<float>}>
     */
    private function outcomes(Check $check, array $weights): array
    {
        $outcomes = [[[], $weights]];
        foreach ($this->possible->asks($check) as $finding) {
            $split = [];
            foreach ($outcomes as [$answers, $so]) {
                foreach ($this->belief->hypotheses->findings[$finding]->outcomes() as $answer) {
                    $left = [];
                    foreach ($this->belief->hypotheses->likelihood($finding, $answer) as $h => $l) {
                        $left[] = $so[$h] * $l;
                    }
                    $split[] = [[...$answers, $finding => $answer], $left];
                }
            }
            $outcomes = $split;
        }

        return $outcomes;
    }

    /** @param  list<float>  $weights */
    private function plan(array $weights, int $open): RepairPlan
    {
        return RepairPlan::from($this->belief->hypotheses, $weights, $this->repairs, $this->bench, $open);
    }
}
