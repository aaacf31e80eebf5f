<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Carburetor\Guide;
use Symfony\Component\Yaml\Yaml;

/** Reads the questions that lead to a family and refuses those that lead nowhere, go round or are too many. */
final readonly class GuideFile
{
    private const MOST_QUESTIONS = 6;

    /**
     * @param  list<string>  $families that exist
     *
     * @throws UnusableKnowledge
     */
    public static function parse(string $yaml, array $families): Guide
    {
        $parsed = Yaml::parse($yaml);
        $file = new Fields(is_array($parsed) ? $parsed : []);
        $file->provenance();
        $questions = [];
        foreach ($file->maps('questions') as $key => $question) {
            $answers = [];
            foreach ($question->maps('answers') as $label => $next) {
                $answers[$label] = ['ask' => $next->textOrNull('ask'), 'family' => $next->textOrNull('family')];
            }
            $questions[$key] = ['ask' => $question->text('ask'), 'answers' => $answers];
        }
        $guide = new Guide($file->text('start'), $questions);
        self::refuseDeadEnds($guide, $families);
        self::refuseLongWays($guide, $guide->start, 1);

        return $guide;
    }

    /** @param  list<string>  $families */
    private static function refuseDeadEnds(Guide $guide, array $families): void
    {
        isset($guide->questions[$guide->start]) || throw UnusableKnowledge::dangling('start', $guide->start);
        foreach ($guide->questions as $key => $question) {
            foreach ($question['answers'] as $label => $next) {
                $at = "questions.{$key}.answers.{$label}";
                ($next['ask'] === null) !== ($next['family'] === null)
                    || throw UnusableKnowledge::impossible($at, 'an answer leads to a question or to a family');
                $next['ask'] === null
                    || isset($guide->questions[$next['ask']])
                    || throw UnusableKnowledge::dangling($at, $next['ask']);
                $next['family'] === null
                    || in_array($next['family'], $families, true)
                    || throw UnusableKnowledge::dangling($at, $next['family']);
            }
        }
    }

    /** A way longer than six questions is refused; so is one that goes round, which is longer than any. */
    private static function refuseLongWays(Guide $guide, string $question, int $asked): void
    {
        $asked <= self::MOST_QUESTIONS
            || throw UnusableKnowledge::impossible("questions.{$question}", 'six questions are the most');
        foreach ($guide->questions[$question]['answers'] as $next) {
            if ($next['ask'] !== null) {
                self::refuseLongWays($guide, $next['ask'], $asked + 1);
            }
        }
    }
}
