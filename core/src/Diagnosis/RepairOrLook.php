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
    private const NEXT_LOOKS = 6;

    /** So many are compared as what would come first. */
    private const FIRST_LOOKS = 3;

    /** Chance that all of it lies inside, from which a strip may come before any look. From memory. */
    private const STRIP_FROM = 0.6;

    /** @param  list<RankedCheck>  $checks best first */
    public function __construct(private Outlook $outlook, private RepairPlan $plan, private array $checks)
    {
    }

    /**
     * Of the looks that would be made first, the one that leads to the fewest minutes a move further.
     *
     * @param  list<RankedCheck>  $paying
     *
     * @return array{0: RankedCheck|null, 1: float} it, and the minutes; without one INF
     */
    public function look(array $paying): array
    {
        [$best, $least] = [null, INF];
        foreach (array_slice($paying, 0, self::FIRST_LOOKS) as $look) {
            $minutes = $this->lookingFirst($look);
            [$best, $least] = $minutes < $least ? [$look, $minutes] : [$best, $least];
        }

        return [$best, $least];
    }

    /** @param  float  $minutes by the best look */
    public function isRepairFirst(float $minutes): bool
    {
        $first = $this->plan->order[0] ?? null;
        $isAllowed = $first !== null
            && $this->outlook->safety->allows($this->outlook->repair($first)->fault->cure->does ?? []);

        return $minutes === INF || ($isAllowed && $this->isLikely($first) && $this->repairing($first) < $minutes);
    }

    /** Nobody strips a carburetor at once that is as likely as not sound. */
    private function isLikely(int $first): bool
    {
        $repairs = $this->outlook->repairs;
        $weights = $this->outlook->belief->weights;

        return $first !== Repairs::KIT
            || Masses::of($weights, $repairs->inKit, $repairs->isOutside)->kit >= self::STRIP_FROM;
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
