<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * No fault, every fault alone and every two together, with the chance of each finding under each: noisy-OR (Pearl
 * 1988), noisy-MAX for graded findings.
 *
 * Hypotheses are numbered: 0 is none, 1 to n a single fault, then the pairs in order. All lists below run over them.
 *
 * @internal
 */
final class Hypotheses
{
    /** A repaired fault comes back seldom. From memory. */
    private const REPAIR_LEAVES = 0.01;

    /** A machine that was brought in has something: a sound one is seldom. From memory; see the calibration of bin/bench. */
    private const SOUND = 0.5;

    /** @var list<string> */
    public readonly array $faults;

    /** @var list<int> index of the first fault of each hypothesis, -1 for none */
    public readonly array $first;

    /** @var list<int> index of the second fault, -1 for none or a single */
    public readonly array $second;

    /** @var list<int> the pair of i and j, i before j, stands at this of i, plus j */
    public readonly array $pairsFrom;

    /** @var list<float> */
    private readonly array $odds;

    /** @var array<string, list<float>> */
    private array $below = [];

    /** @var array<string, list<float>> */
    private array $likelihood = [];

    /**
     * @param  array<string, Fault>  $faultsById
     * @param  array<string, Finding>  $findings
     * @param  list<string>  $repaired
     */
    public function __construct(
        public readonly array $faultsById,
        public readonly array $findings,
        Facts $facts,
        array $repaired = [],
    ) {
        $this->faults = array_keys($faultsById);
        $n = count($this->faults);
        $first = $second = [-1];
        for ($i = 0; $i < $n; $i++) {
            $first[] = $i;
            $second[] = -1;
        }
        $pairsFrom = [];
        for ($i = 0; $i < $n; $i++) {
            $pairsFrom[] = count($first) - $i - 1;
            for ($j = $i + 1; $j < $n; $j++) {
                $first[] = $i;
                $second[] = $j;
            }
        }
        $this->pairsFrom = $pairsFrom;
        $this->first = $first;
        $this->second = $second;
        $odds = [];
        foreach ($faultsById as $id => $fault) {
            $odds[] = $fault->odds($facts) * (in_array($id, $repaired, true) ? self::REPAIR_LEAVES : 1.0);
        }
        $this->odds = $odds;
    }

    /** @return list<float> prior weights, in sum 1 */
    public function prior(): array
    {
        $weights = [self::SOUND, ...$this->odds];
        $n = count($this->faults);
        for ($i = 0; $i < $n; $i++) {
            $odds = $this->odds[$i];
            for ($j = $i + 1; $j < $n; $j++) {
                $weights[] = $odds * $this->odds[$j];
            }
        }

        return self::normalised($weights);
    }

    /**
     * Chance under each hypothesis that a finding stays below a level: (1 - leak) times the product of 1 - strength.
     *
     * @param  int  $level 1 for the first level there is
     *
     * @return list<float>
     */
    public function below(string $finding, int $level): array
    {
        return $this->below[$finding.$level] ??= $this->calculateBelow($finding, $level);
    }

    /**
     * Chance of an answer under each hypothesis.
     *
     * @return list<float>
     */
    public function likelihood(string $finding, Answer $answer): array
    {
        return $this->likelihood[$finding.$answer->value] ??= $this->calculateLikelihood($finding, $answer);
    }

    /** @return list<float> */
    private function calculateLikelihood(string $finding, Answer $answer): array
    {
        return match ($answer) {
            Answer::No => $this->below($finding, 1),
            Answer::Yes => self::complement($this->below($finding, 1)),
            Answer::Strong => self::complement($this->below($finding, 2)),
            Answer::Some => array_map(
                static fn (float $two, float $one): float => max(1e-9, $two - $one),
                $this->below($finding, 2),
                $this->below($finding, 1),
            ),
            default => array_fill(0, count($this->first), 1.0),
        };
    }

    /**
     * @param  list<float>  $chances
     *
     * @return list<float>
     */
    private static function complement(array $chances): array
    {
        return array_map(static fn (float $c): float => 1.0 - $c, $chances);
    }

    /**
     * Chance of each fault, alone or with another.
     *
     * @param  list<float>  $weights
     *
     * @return list<float>
     */
    public function marginals(array $weights): array
    {
        $n = count($this->faults);
        $marginals = array_slice($weights, 1, $n);
        $h = $n + 1;
        for ($i = 0; $i < $n; $i++) {
            $sum = 0.0;
            for ($j = $i + 1; $j < $n; $j++) {
                $w = $weights[$h++];
                $sum += $w;
                $marginals[$j] += $w;
            }
            $marginals[$i] += $sum;
        }

        return array_values($marginals);
    }

    /**
     * What is left of the weights when faults were repaired and the machine is still not right: what had only them is
     * cured, what had another beside has that one alone.
     *
     * @param  array<int, bool>  $repaired by place of the fault
     * @param  list<float>  $weights
     *
     * @return list<float> in sum the chance that it is still not right
     */
    public function leftAfter(array $repaired, array $weights): array
    {
        $left = $weights;
        foreach ($weights as $h => $weight) {
            $i = $this->first[$h];
            $j = $this->second[$h];
            $one = $repaired[$i] ?? false;
            $two = $repaired[$j] ?? false;
            if ($one || $two) {
                $left[$h] = 0.0;
            }
            if ($j >= 0 && $one !== $two) {
                $left[1 + ($one ? $j : $i)] += $weight;
            }
        }

        return array_values($left);
    }

    /**
     * @param  list<float>  $weights
     *
     * @return list<float>
     */
    public static function normalised(array $weights): array
    {
        $sum = array_sum($weights);
        foreach ($weights as $h => $w) {
            $weights[$h] = $w / $sum;
        }

        return $weights;
    }

    /** @return list<float> */
    private function calculateBelow(string $finding, int $level): array
    {
        $leak = $this->findings[$finding]->leak;
        $none = 1.0 - ($leak[$level - 1] ?? $leak[0]);
        $spared = [];
        foreach ($this->faultsById as $fault) {
            $strengths = $fault->shows[$finding] ?? [0.0];
            $spared[] = 1.0 - ($strengths[$level - 1] ?? $strengths[0]);
        }
        $below = [$none];
        foreach ($spared as $s) {
            $below[] = $none * $s;
        }
        $n = count($spared);
        for ($i = 0; $i < $n; $i++) {
            $one = $below[1 + $i];
            for ($j = $i + 1; $j < $n; $j++) {
                $below[] = $one * $spared[$j];
            }
        }

        return $below;
    }
}
