<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * What a case makes of the hypotheses: exact Bayes over none, singles and pairs.
 *
 * @internal
 */
final readonly class Belief
{
    /**
     * @param  array<string, Answer>  $answers that count as evidence
     * @param  list<float>  $weights of the hypotheses, in sum 1
     */
    private function __construct(public Hypotheses $hypotheses, public array $answers, public array $weights)
    {
    }

    public static function of(Hypotheses $hypotheses, DiagnosisCase $case): self
    {
        return self::given($hypotheses, self::evidence($hypotheses, $case));
    }

    /** @param  array<string, Answer>  $answers */
    private static function given(Hypotheses $hypotheses, array $answers): self
    {
        $weights = $hypotheses->prior();
        foreach ($answers as $finding => $answer) {
            foreach ($hypotheses->likelihood($finding, $answer) as $h => $l) {
                $weights[$h] *= $l;
            }
        }

        return new self(
            $hypotheses,
            $answers,
            Hypotheses::normalised(self::thereIsAComplaint($hypotheses, $answers, array_values($weights))),
        );
    }

    public function without(string $finding): self
    {
        return self::given($this->hypotheses, array_diff_key($this->answers, [$finding => true]));
    }

    /** @return list<float> chance of each fault, alone or with another */
    public function chances(): array
    {
        return $this->hypotheses->marginals($this->weights);
    }

    /**
     * Chance that at least one fault of a kind is there.
     *
     * @param  callable(Fault): bool  $isOfKind
     */
    public function chanceOfAny(callable $isOfKind): float
    {
        $of = array_map($isOfKind, array_values($this->hypotheses->faultsById));
        $chance = 0.0;
        foreach ($this->weights as $h => $weight) {
            if (($of[$this->hypotheses->first[$h]] ?? false) || ($of[$this->hypotheses->second[$h]] ?? false)) {
                $chance += $weight;
            }
        }

        return $chance;
    }

    public function unexplained(): float
    {
        return $this->weights[0];
    }

    /**
     * A repair retires the answers it could change; a complaint stands for as long as the machine is here with it.
     *
     * @return array<string, Answer>
     */
    private static function evidence(Hypotheses $hypotheses, DiagnosisCase $case): array
    {
        $evidence = [];
        foreach ($case->answers as $id => $answer) {
            $retired = false;
            foreach ($case->repaired as $fault) {
                $retired
                    = $retired
                    || (isset($hypotheses->faultsById[$fault]->shows[$id]) && ! $hypotheses->findings[$id]->isComplaint());
            }
            if ($answer->isEvidence() && ! $retired) {
                $evidence[$id] = $answer;
            }
        }

        return $evidence;
    }

    /**
     * A machine comes in because of something: until a complaint is named, at least one of those not asked is there.
     * Where every complaint was denied there is nothing to condition on.
     *
     * @param  array<string, Answer>  $answers
     * @param  list<float>  $weights
     *
     * @return list<float>
     */
    private static function thereIsAComplaint(Hypotheses $hypotheses, array $answers, array $weights): array
    {
        $silent = array_fill(0, count($weights), 1.0);
        $asked = false;
        foreach ($hypotheses->findings as $id => $finding) {
            if (! $finding->isComplaint()) {
                continue;
            }
            if (isset($answers[$id])) {
                if ($answers[$id]->isThere()) {
                    return $weights;
                }

                continue;
            }
            $asked = true;
            foreach ($hypotheses->below($id, 1) as $h => $below) {
                $silent[$h] *= $below;
            }
        }
        if ($asked) {
            foreach ($weights as $h => $w) {
                $weights[$h] = $w * (1.0 - $silent[$h]);
            }
        }

        return $weights;
    }
}
