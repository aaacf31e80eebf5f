<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * What is likely, why, and what to do next.
 *
 * Faults are weighed by exact Bayes; the next check is the one that saves the most expected minutes to cure, its own
 * taken off, and where none saves any the best repair comes next.
 */
final readonly class Diagnosis
{
    private const REASONS_EACH_WAY = 3;

    /** Answers that come out less often than this are not worth a word. */
    private const SELDOM = 0.01;

    /** Decibans below which an answer is no reason. */
    private const SILENT = 0.5;

    /**
     * @param  list<Suspect>  $suspects likeliest first, every fault of the family
     * @param  float  $unexplained chance that it is no fault of the list
     * @param  float  $inCarburetor chance that some fault lies in the carburetor
     * @param  float  $bodyIsScrap chance of a body fault no kit cures
     * @param  list<RankedCheck>  $checks possible now, best first
     * @param  list<RankedCheck>  $paying of them, in the order they would be made
     * @param  array<string, string>  $notNow why a check that applies is not possible, by check
     * @param  list<Repair>  $plan what to repair, in order, if nothing more were looked at
     * @param  float  $repairMinutes expected minutes to cure by that plan
     * @param  bool  $repairFirst whether the first of the plan is worth more now than any look
     */
    private function __construct(
        public DiagnosisCase $case,
        public array $suspects,
        public float $unexplained,
        public float $inCarburetor,
        public float $bodyIsScrap,
        public array $checks,
        public array $paying,
        public array $notNow,
        public array $plan,
        public float $repairMinutes,
        public bool $repairFirst,
    ) {
    }

    /** @param  int  $explained how many suspects get their reasons worked out */
    public static function of(Catalogue $catalogue, DiagnosisCase $case, int $explained = 6): self
    {
        $hypotheses = new Hypotheses(
            $catalogue->faultsOf($case->family),
            $catalogue->findingsOf($case->family),
            $case->facts,
            $case->repaired,
        );
        $belief = Belief::of($hypotheses, $case);
        $ranking = CheckRanking::of($catalogue, $case, $belief);

        return new self(
            $case,
            self::suspects($belief, $explained),
            $belief->unexplained(),
            $belief->chanceOfAny(static fn (Fault $f): bool => ! $f->isOutsideTheCarburetor()),
            $belief->chanceOfAny(static fn (Fault $f): bool => $f->scrapsBody),
            $ranking->checks,
            $ranking->paying,
            $ranking->possible->notNow,
            $ranking->planned(),
            $ranking->plan->expectedMinutes,
            $ranking->isRepairFirst,
        );
    }

    /** The check to do next, or null when repairing is worth more. */
    public function nextCheck(): ?RankedCheck
    {
        return $this->repairFirst ? null : $this->paying[0] ?? null;
    }

    /**
     * Of the checks that can find what explains the complaint, the one after which what is wrong is surest to be among the
     * three likeliest: the way to know what it is, which is not always the quickest to a cure.
     */
    public function tellsMost(): ?RankedCheck
    {
        $bearing = array_values(array_filter($this->checks, static fn (RankedCheck $c): bool => $c->bears));
        usort($bearing, static fn (RankedCheck $a, RankedCheck $b): int => $b->shortlisted() <=> $a->shortlisted());

        return $bearing[0] ?? $this->checks[0] ?? null;
    }

    /**
     * Answers not given yet that would put another fault at the top, most likely first.
     *
     * @return list<array{check: string, answers: array<string, Answer>, leader: string|null, probability: float}>
     */
    public function turningPoints(): array
    {
        $leader = $this->leader()?->fault->id;
        $points = [];
        foreach ($this->checks as $ranked) {
            foreach ($ranked->outcomes as $outcome) {
                if ($outcome['leader'] !== $leader && $outcome['probability'] >= self::SELDOM) {
                    $points[] = [
                        'check' => $ranked->check->id,
                        'answers' => $outcome['answers'],
                        'leader' => $outcome['leader'],
                        'probability' => $outcome['probability'],
                    ];
                }
            }
        }
        usort($points, static fn (array $a, array $b): int => $b['probability'] <=> $a['probability']);

        return $points;
    }

    public function leader(): ?Suspect
    {
        return $this->suspects[0] ?? null;
    }

    /** Expected minutes to cure when the next move is the best one. */
    public function expectedMinutes(): float
    {
        return $this->repairMinutes - max(0.0, $this->nextCheck()->gain ?? 0.0);
    }

    /** @return list<Suspect> */
    private static function suspects(Belief $belief, int $explained): array
    {
        $chances = $belief->chances();
        arsort($chances);
        $without = [];
        if ($explained > 0) {
            foreach (array_keys($belief->answers) as $finding) {
                $without[$finding] = $belief->without($finding)->chances();
            }
        }
        $suspects = [];
        foreach ($chances as $i => $chance) {
            $because = count($suspects) < $explained ? self::because($belief, $without, $i, $chance) : [];
            $suspects[] = new Suspect(
                $belief->hypotheses->faultsById[$belief->hypotheses->faults[$i]],
                $chance,
                $because,
            );
        }

        return $suspects;
    }

    /**
     * @param  array<string, list<float>>  $without chances with one answer left out
     *
     * @return list<Evidence>
     */
    private static function because(Belief $belief, array $without, int $i, float $chance): array
    {
        $for = $against = [];
        foreach ($without as $finding => $chances) {
            $decibans = 10.0 * log10(self::odds($chance) / self::odds($chances[$i]));
            if ($decibans > self::SILENT) {
                $for[] = new Evidence($finding, $belief->answers[$finding], $decibans);
            } elseif ($decibans < -self::SILENT) {
                $against[] = new Evidence($finding, $belief->answers[$finding], $decibans);
            }
        }
        $strongest = static fn (Evidence $a, Evidence $b): int => abs($b->decibans) <=> abs($a->decibans);
        usort($for, $strongest);
        usort($against, $strongest);
        $reasons = [
            ...array_slice($for, 0, self::REASONS_EACH_WAY),
            ...array_slice($against, 0, self::REASONS_EACH_WAY),
        ];
        usort($reasons, $strongest);

        return $reasons;
    }

    private static function odds(float $chance): float
    {
        $chance = min(1.0 - 1e-12, max(1e-12, $chance));

        return $chance / (1.0 - $chance);
    }
}
