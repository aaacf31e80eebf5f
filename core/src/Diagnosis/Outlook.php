<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * What is to be expected of a machine from some weights on: the plan of its repairs, and how a check may come out.
 *
 * @internal
 */
final readonly class Outlook
{
    public OpenBench $bench;

    public PossibleChecks $possible;

    public Repairs $repairs;

    private Repairs $once;

    public Safety $safety;

    /** Access bits of what is open now. */
    public int $open;

    public function __construct(private Catalogue $catalogue, DiagnosisCase $case, public Belief $belief)
    {
        $this->bench = new OpenBench($catalogue->accessOf($case->family));
        $this->open = $this->bench->bits($case->open);
        $this->possible = PossibleChecks::of($catalogue, $case);
        $this->repairs = Repairs::of($belief->hypotheses, $catalogue->costs, $this->bench);
        $this->once = $this->repairs->once();
        $this->safety = Safety::of($catalogue, $case->answers);
    }

    /** @param  list<float>  $weights */
    public function plan(array $weights, int $open): RepairPlan
    {
        return RepairPlan::from($this->belief->hypotheses, $weights, $this->repairs, $this->bench, $open);
    }

    /** @param  list<float>  $weights */
    public function planOnce(array $weights, int $open): RepairPlan
    {
        return RepairPlan::from($this->belief->hypotheses, $weights, $this->once, $this->bench, $open);
    }

    /** What stands at a place of a plan. */
    public function repair(int $place): Repair
    {
        $faults = array_values($this->belief->hypotheses->faultsById);

        return isset($faults[$place])
            ? Repair::of($faults[$place])
            : Repair::kit(
                array_values(array_intersect_key($faults, array_filter($this->repairs->inKit))),
                $this->catalogue->costs,
            );
    }

    /**
     * Every way a check can come out, with the weights it leaves: not normalised, their sum is its chance.
     *
     * @param  list<float>  $weights
     *
     * @return list<array{0: array<string, Answer>, 1: list<float>}>
     */
    public function outcomes(Check $check, array $weights): array
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
}
