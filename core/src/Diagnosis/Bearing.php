<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * How far a check bears on what the machine is here for: chance that a fault is there which shows both.
 *
 * A look that can only find a second fault may pay by its minutes; nobody wiggles a shaft because fuel drips.
 *
 * @internal
 */
final readonly class Bearing
{
    /** From memory: below it, a look is beside the point. */
    private const BESIDE = 0.02;

    /** @param  array<string, float>  $weights of the faults that explain it, by fault */
    private function __construct(private Belief $belief, private array $weights)
    {
    }

    public static function of(Belief $belief): self
    {
        $findings = $belief->hypotheses->findings;
        $there = array_keys(array_filter($belief->answers, static fn (Answer $a): bool => $a->isThere()));
        $complaints = array_filter($there, static fn (string $id): bool => $findings[$id]->isComplaint());
        $explained = $complaints === [] ? $there : $complaints;
        $weights = [];
        foreach (array_combine($belief->hypotheses->faults, $belief->chances()) as $fault => $chance) {
            $shows = $belief->hypotheses->faultsById[$fault]->shows;
            $strength = $explained === [] ? 1.0 : 0.0;
            foreach ($explained as $finding) {
                $strength = max($strength, $shows[$finding][0] ?? 0.0);
            }
            $weights[$fault] = $chance * $strength;
        }

        return new self($belief, array_filter($weights, static fn (float $w): bool => $w > 0.0));
    }

    /** @param  list<string>  $asked findings */
    public function isOn(array $asked): bool
    {
        $sum = 0.0;
        foreach ($this->weights as $fault => $weight) {
            $strength = 0.0;
            foreach ($asked as $finding) {
                $strength = max($strength, $this->belief->hypotheses->faultsById[$fault]->shows[$finding][0] ?? 0.0);
            }
            $sum += $weight * $strength;
        }

        return $sum >= self::BESIDE;
    }
}
