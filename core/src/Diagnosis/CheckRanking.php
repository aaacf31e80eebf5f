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

    private const SHORTLIST = 3;

    public readonly RepairPlan $plan;

    /** @var list<RankedCheck> */
    public readonly array $checks;

    /** @var list<RankedCheck> those that pay, in the order they would be made */
    public readonly array $paying;

    /** Whether the first repair of the plan is worth more now than any look. */
    public readonly bool $isRepairFirst;

    public readonly PossibleChecks $possible;

    private readonly RepairPlan $once;

    private readonly Bearing $bearing;

    private function __construct(private readonly Outlook $outlook)
    {
        $this->plan = $outlook->plan($outlook->belief->weights, $outlook->open);
        $this->once = $outlook->planOnce($outlook->belief->weights, $outlook->open);
        $this->possible = $outlook->possible;
        $this->bearing = Bearing::of($outlook->belief);
        $this->checks = $this->ranked($this->possible->checks);
        $weighed = new RepairOrLook($outlook, $this->plan, $this->checks);
        [$this->paying, $minutes] = $this->inOrder($weighed);
        $this->isRepairFirst = $weighed->isRepairFirst($minutes);
    }

    /** @return list<Repair> none that something found forbids */
    public function planned(): array
    {
        return array_values(array_filter(
            array_map($this->outlook->repair(...), $this->plan->order),
            fn (Repair $r): bool => $this->outlook->safety->allows($r->fault->cure->does ?? []),
        ));
    }

    public static function of(Catalogue $catalogue, DiagnosisCase $case, Belief $belief): self
    {
        return new self(new Outlook($catalogue, $case, $belief));
    }

    /**
     * The checks that pay, in the order they would be made: what bears on the complaint first, of that what leaves the
     * carburetor closed, as once open the engine shows nothing any more; of the first of those, the one that is best a
     * move further.
     *
     * @return array{0: list<RankedCheck>, 1: float} with the minutes of the first, INF where none pays
     */
    private function inOrder(RepairOrLook $weighed): array
    {
        $paying = array_values(array_filter($this->checks, static fn (RankedCheck $c): bool => $c->gain > 0.0));
        $order = static fn (RankedCheck $c): int => ($c->bears ? 0 : 2) + ($c->check->needs->opensCarburetor ? 1 : 0);
        usort($paying, static fn (RankedCheck $a, RankedCheck $b): int => $order($a) <=> $order($b));
        $alike = array_filter($paying, static fn (RankedCheck $c): bool => $order($c) === $order($paying[0]));
        [$first, $minutes] = $weighed->look(array_values($alike));
        $rest = array_values(array_filter($paying, static fn (RankedCheck $c): bool => $c !== $first));

        return [$first === null ? [] : [$first, ...$rest], $minutes];
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
        $needs = $this->outlook->bench->bits($check->needs->access);
        $minutes = $check->minutes + $this->outlook->bench->missing($needs, $this->outlook->open);
        $after = 0.0;
        $outcomes = [];
        foreach ($this->outlook->outcomes($check, $this->outlook->belief->weights) as [$answers, $weights]) {
            $plan = $this->outlook->planOnce($weights, $this->outlook->open | $needs);
            $after += $plan->expectedMinutes;
            $chance = array_sum($weights);
            $outcomes[] = [
                'answers' => $answers,
                'probability' => $chance,
                'leader' => $this->outlook->belief->hypotheses->faults[$plan->likeliest] ?? null,
                'leaderChance' => $plan->likeliestChance / $chance,
                'shortlisted' => $this->shortlisted($weights) / $chance,
            ];
        }

        return new RankedCheck(
            $check,
            $minutes,
            $this->once->expectedMinutes - $after - $minutes - $check->risk->minutes,
            $this->outlook->bench->steps($needs, $this->outlook->open),
            $outcomes,
            $this->bearing->isOn($this->possible->asks($check)),
        );
    }

    /**
     * How many of its faults are to be expected among the three likeliest, times the sum of the weights.
     *
     * @param  list<float>  $weights
     */
    private function shortlisted(array $weights): float
    {
        $chances = $this->outlook->belief->hypotheses->marginals($weights);
        rsort($chances);

        return array_sum(array_slice($chances, 0, self::SHORTLIST));
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
                        $first->bears,
                        $second->check->id,
                    );
                }
            }
        }

        return $best;
    }

    private function pairGain(RankedCheck $first, RankedCheck $second): float
    {
        $open = $this->outlook->open | $this->outlook->bench->bits($first->check->needs->access);
        $needs = $this->outlook->bench->bits($second->check->needs->access);
        $cost = $second->check->minutes + $second->check->risk->minutes + $this->outlook->bench->missing($needs, $open);
        $after = 0.0;
        foreach ($this->outlook->outcomes($first->check, $this->outlook->belief->weights) as [, $weights]) {
            $looked = $cost * array_sum($weights);
            foreach ($this->outlook->outcomes($second->check, $weights) as [, $both]) {
                $looked += $this->outlook->planOnce($both, $open | $needs)->expectedMinutes;
            }
            $after += min($looked, $this->outlook->planOnce($weights, $open)->expectedMinutes);
        }

        return $this->once->expectedMinutes - $after - $first->minutes - $first->check->risk->minutes;
    }
}
