<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/**
 * Questions from a carburetor in the hand to its family.
 *
 * @phpstan-type Question array{ask: string, answers: array<string, array{ask: string|null, family: string|null}>}
 */
final readonly class Guide
{
    /** @param  array<string, Question>  $questions */
    public function __construct(public string $start, public array $questions)
    {
    }

    /**
     * Where some answers lead, each by its place among those of its question. Answers that lead nowhere end the walk.
     *
     * @param  list<int>  $chosen
     *
     * @return array{trail: list<array{ask: string, answer: string}>, question: string|null, family: string|null}
     */
    public function after(array $chosen): array
    {
        $trail = [];
        $question = $this->start;
        foreach ($chosen as $place) {
            $labels = array_keys($this->questions[$question]['answers']);
            $label = $labels[$place] ?? null;
            if ($label === null) {
                break;
            }
            $trail[] = ['ask' => $this->questions[$question]['ask'], 'answer' => $label];
            $next = $this->questions[$question]['answers'][$label];
            if ($next['ask'] === null) {
                return ['trail' => $trail, 'question' => null, 'family' => $next['family']];
            }
            $question = $next['ask'];
        }

        return ['trail' => $trail, 'question' => $question, 'family' => null];
    }

    /** The longest way through it. */
    public function mostQuestions(?string $from = null): int
    {
        $most = 0;
        foreach ($this->questions[$from ?? $this->start]['answers'] as $next) {
            $most = max($most, $next['ask'] === null ? 0 : $this->mostQuestions($next['ask']));
        }

        return 1 + $most;
    }

    /** @return list<string> every family it leads to */
    public function families(): array
    {
        $families = [];
        foreach ($this->questions as $question) {
            foreach ($question['answers'] as $next) {
                $families = $next['family'] === null ? $families : [...$families, $next['family']];
            }
        }

        return array_values(array_unique($families));
    }
}
