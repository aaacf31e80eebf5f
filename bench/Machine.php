<?php

declare(strict_types=1);

namespace Bench;

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\Hypotheses;
use Random\Randomizer;

/** A machine with known faults. What each of them brings is drawn once; a repair takes its share away. */
final class Machine
{
    /** @var array<string, true> */
    private array $stillBroken;

    /**
     * @var array<string, array<string, int>> level each cause brings, by finding: drawn once, so that it does not
     *     hang on the order of asking
     */
    private array $levels = [];

    /** @param  list<string>  $faults */
    public function __construct(
        public readonly CarburetorKind $family,
        public readonly Facts $facts,
        public readonly array $faults,
        private readonly Hypotheses $hypotheses,
        private readonly Randomizer $chance,
        private readonly float $perturbed,
    ) {
        $this->stillBroken = array_fill_keys($faults, true);
        foreach ($hypotheses->findings as $id => $finding) {
            $this->levels[$id]['leak'] = $this->level($finding->leak);
            foreach ($faults as $fault) {
                $strengths = $hypotheses->faultsById[$fault]->shows[$id] ?? null;
                if ($strengths !== null) {
                    $this->levels[$id][$fault] = $this->level($this->perturb($strengths));
                }
            }
        }
    }

    /** The highest level any present fault or the leak brings. */
    public function answer(string $finding): Answer
    {
        $level = max(
            0,
            ...array_values(array_intersect_key($this->levels[$finding], ['leak' => true] + $this->stillBroken)),
        );

        return match (true) {
            $level === 0 => Answer::No,
            ! $this->hypotheses->findings[$finding]->isGraded() => Answer::Yes,
            default => $level === 2 ? Answer::Strong : Answer::Some,
        };
    }

    /** @return array<string, Answer> what the customer says: what is there, not what is not */
    public function complaints(): array
    {
        $said = [];
        foreach ($this->hypotheses->findings as $id => $finding) {
            if ($finding->isComplaint() && $this->answer($id)->isThere()) {
                $said[$id] = $this->answer($id);
            }
        }

        return $said;
    }

    public function repaired(string $fault): self
    {
        $after = clone $this;
        unset($after->stillBroken[$fault]);

        return $after;
    }

    /** What a try shows: nothing left to complain of. */
    public function isCured(): bool
    {
        return $this->stillBroken === [] || $this->complaints() === [];
    }

    /** @param  list<float>  $chances that each level or more is reached */
    private function level(array $chances): int
    {
        $u = $this->chance->getInt(0, (1 << 30) - 1) / (1 << 30);

        return count(array_filter($chances, static fn (float $c): bool => $u < $c));
    }

    /**
     * @param  list<float>  $strengths
     *
     * @return list<float>
     */
    private function perturb(array $strengths): array
    {
        if ($this->perturbed === 0.0) {
            return $strengths;
        }
        $shift
            = $this->perturbed
            * sqrt(-2.0 * log($this->chance->getInt(1, 1 << 30) / (1 << 30)))
            * cos((2.0 * M_PI * $this->chance->getInt(0, 1 << 30)) / (1 << 30));

        return array_map(
            static fn (float $s): float => 1.0 / (1.0 + exp(-(log($s / (1.0 - $s)) + $shift))),
            $strengths,
        );
    }
}
