<?php

declare(strict_types=1);

namespace App\View\Library;

use DustyJet\Carburetor\Guide;

/** The questions that lead to a family, with the answers so far. */
final readonly class Identify
{
    /**
     * @param  list<array{ask: string, answer: string, back: string}>  $trail
     * @param  list<array{label: string, href: string}>  $answers
     * @param  string|null  $found id of the family
     */
    private function __construct(
        public array $trail,
        public ?string $question,
        public array $answers,
        public ?string $found,
    ) {
    }

    /**
     * @param  list<int>  $chosen
     * @param  string  $route that takes the answers as `a`
     */
    public static function of(Guide $guide, array $chosen, string $route): self
    {
        $at = $guide->after($chosen);
        $path = array_slice($chosen, 0, count($at['trail']));
        $trail = $answers = [];
        foreach ($at['trail'] as $i => $step) {
            $trail[] = [...$step, 'back' => self::to($route, array_slice($path, 0, $i))];
        }
        $asked = $at['question'] === null ? [] : $guide->questions[$at['question']]['answers'];
        foreach (array_keys($asked) as $i => $label) {
            $answers[] = ['label' => (string) $label, 'href' => self::to($route, [...$path, $i])];
        }

        return new self(
            $trail,
            $at['question'] === null ? null : $guide->questions[$at['question']]['ask'],
            $answers,
            $at['family'],
        );
    }

    /** @param  list<int>  $path answers, each by its place */
    private static function to(string $route, array $path): string
    {
        return route($route, $path === [] ? [] : ['a' => implode('-', $path)]).'#identify';
    }
}
