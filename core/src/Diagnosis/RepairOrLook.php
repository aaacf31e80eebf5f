<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * Whether repairing at once, and looking only when that was not it, takes fewer minutes than looking first.
 *
 * Both are followed one move further: a look by the best look that then pays, a repair that did not help likewise, with
 * what it left open. One step more than the value of a check alone (Heckerman, Breese and Rommelse, CACM 38(3), 1995),
 * which takes it that nobody looks again after a repair and so finds every cheap look worth its minutes.
 *
 * @internal
 */
final readonly class RepairOrLook
{
    /** So many of the best checks are weighed again as what would come next. */
    private const NEXT_LOOKS = 8;

    /** @param  list<RankedCheck>  $checks best first */
    public function __construct(private Outlook $outlook, private RepairPlan $plan, private array $checks)
    {
    }

    /** @param  RankedCheck|null  $look the one that would be made */
    public function isRepairFirst(?RankedCheck $look): bool
    {
        $first = $this->plan->order[0] ?? null;
        if ($look === null || $first === null) {
            return $look === null;
        }
        if (! $this->outlook->safety->allows($this->outlook->repair($first)->fault->cure->does ?? [])) {
            return false;
        }

        return $this->repairing($first) < $this->lookingFirst($look);
    }

    private function repairing(int $first): float
    {
        $outlook = $this->outlook;
        $repaired = $first === Repairs::KIT ? $outlook->repairs->inKit : [$first => true];
        $left = $outlook->belief->hypotheses->leftAfter($repaired, $outlook->belief->weights);
        $open = $outlook->bench->staysOpen($outlook->open | $outlook->repairs->needs($first));

        return $outlook->repairs->minutesOf($first, $outlook->bench, $outlook->open) + $this->lookingOn($left, $open);
    }

    private function lookingFirst(RankedCheck $look): float
    {
        $open = $this->outlook->open | $this->outlook->bench->bits($look->check->needs->access);
        $minutes = $look->minutes + $look->check->risk->minutes;
        foreach ($this->outlook->outcomes($look->check, $this->outlook->belief->weights) as [, $weights]) {
            $minutes += $this->lookingOn($weights, $open, $look->check->answers);
        }

        return $minutes;
    }

    /**
     * Expected minutes from some weights on, with the best of a few looks where one pays.
     *
     * @param  list<float>  $weights
     * @param  list<string>  $known findings that were looked at on the way
     */
    private function lookingOn(array $weights, int $open, array $known = []): float
    {
        $bench = $this->outlook->bench;
        $best = $this->outlook->plan($weights, $open)->expectedMinutes;
        $chance = array_sum($weights);
        foreach (array_slice($this->checks, 0, self::NEXT_LOOKS) as $ranked) {
            $check = $ranked->check;
            if (array_intersect($check->answers, $known) !== []) {
                continue;
            }
            $needs = $bench->bits($check->needs->access);
            $minutes = $chance * ($check->minutes + $check->risk->minutes + $bench->missing($needs, $open));
            foreach ($this->outlook->outcomes($check, $weights) as [, $so]) {
                $minutes += $this->outlook->plan($so, $open | $needs)->expectedMinutes;
            }
            $best = min($best, $minutes);
        }

        return $best;
    }
}
