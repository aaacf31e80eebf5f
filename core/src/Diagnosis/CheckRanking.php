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

    /** @var array<string, string> */
    public readonly array $notNow;

    private readonly OpenBench $bench;

    private readonly int $open;

    /** @var list<float> */
    private readonly array $cureMinutes;

    /** @var list<int> */
    private readonly array $cureNeeds;

    private function __construct(
        private readonly Catalogue $catalogue,
        private readonly DiagnosisCase $case,
        private readonly Belief $belief,
    ) {
        $this->bench = new OpenBench($catalogue->accessOf($case->family));
        $this->open = $this->bench->bits($case->open);
        $faults = array_values($belief->hypotheses->faultsById);
        $this->cureMinutes = array_map(
            static fn (Fault $f): float => $f->cure->minutes + $catalogue->costs->verifyMinutes,
            $faults,
        );
        $this->cureNeeds = array_map(fn (Fault $f): int => $this->bench->bits($f->cure->access), $faults);
        $this->plan = $this->plan($belief->weights, $this->open);
        [$possible, $this->notNow] = $this->sorted();
        $this->checks = $this->ranked($possible);
    }

    public static function of(Catalogue $catalogue, DiagnosisCase $case, Belief $belief): self
    {
        return new self($catalogue, $case, $belief);
    }

    /**
     * @return array{0: list<Check>, 1: array<string, string>} those possible now, and why the others are not
     */
    private function sorted(): array
    {
        $possible = $notNow = [];
        foreach ($this->catalogue->checksOf($this->case->family) as $id => $check) {
            $why = $this->whyNot($check);
            if ($why === null) {
                $possible[] = $check;
            } elseif ($why !== '') {
                $notNow[$id] = $why;
            }
        }

        return [$possible, $notNow];
    }

    /** Null when it can be done now, an empty text when it has nothing left to answer. */
    private function whyNot(Check $check): ?string
    {
        $asks = $this->asks($check);
        $there = fn (string $finding): bool => ($this->case->answers[$finding] ?? Answer::NotLooked)->isThere();
        $forbidding = array_filter(
            [...$check->unsafeIf, ...$check->needs->startsEngine ? $this->catalogue->forbidStart : []],
            $there,
        );
        $missing = array_values(array_intersect($check->needs->tools, $this->case->unavailable));

        return match (true) {
            $asks === [] || in_array($check->id, $this->case->checksDone, true) => '',
            $forbidding !== [] => 'Not safe: '
                .$this->catalogue->findings[array_values($forbidding)[0]]->because
                .'.',
            in_array($check->id, $this->case->unavailable, true) => 'Not to be had now.',
            $missing !== [] => "No {$missing[0]} in the shop.",
            $check->needs->startsEngine && ! $this->bench->engineCanRun($this->open) => 'The engine is open.',
            $check->needs->running && $there('will_not_start') => 'It does not start.',
            $check->onlyAfter !== null && ! $there($check->onlyAfter) => 'Only when '
                .$this->catalogue->findings[$check->onlyAfter]->because
                .'.',
            default => null,
        };
    }

    /** @return list<string> its findings that apply and have not been looked at */
    private function asks(Check $check): array
    {
        return array_values(
            array_filter(
                $check->answers,
                fn (string $f): bool => isset($this->belief->hypotheses->findings[$f])
                    && ($this->case->answers[$f] ?? Answer::NotLooked) === Answer::NotLooked,
            ),
        );
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
        foreach ($this->asks($check) as $finding) {
            $split = [];
            foreach ($outcomes as [$answers, $so]) {
                foreach ($this->belief->hypotheses->findings[$finding]->outcomes() as $answer) {
                    $left = $so;
                    foreach ($this->belief->hypotheses->likelihood($finding, $answer) as $h => $l) {
                        $left[$h] *= $l;
                    }
                    $split[] = [[...$answers, $finding => $answer], array_values($left)];
                }
            }
            $outcomes = $split;
        }

        return $outcomes;
    }

    /** @param  list<float>  $weights */
    private function plan(array $weights, int $open): RepairPlan
    {
        return RepairPlan::from(
            $this->belief->hypotheses,
            $weights,
            $this->cureMinutes,
            $this->cureNeeds,
            $this->bench,
            $open,
            $this->catalogue->costs->lastResortMinutes,
        );
    }
}
