<?php

declare(strict_types=1);

namespace App\View\Pages;

use DustyJet\Carburetor\Guide;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;

/** The families of the trade, and the questions that lead to one. */
final readonly class LibraryPage
{
    /**
     * @param  list<array{name: string, fits: string, href: string}>  $families
     * @param  list<array{ask: string, answer: string, back: string}>  $trail
     * @param  list<array{label: string, href: string}>  $answers
     * @param  array{name: string, fits: string, href: string}|null  $found
     */
    private function __construct(public string $title, public array $families, public array $trail, public ?string $question, public array $answers, public ?array $found)
    {
    }

    /** @param  list<int>  $chosen */
    public static function of(Catalogue $catalogue, Guide $guide, array $chosen): self
    {
        $row = static fn (CarburetorKind $k): array => ['name' => $k->name, 'fits' => $k->fits, 'href' => route('library.show', $k->id)];
        $to = static fn (array $path): string => route('library.index', $path === [] ? [] : ['a' => implode('-', $path)]).'#identify';
        $at = $guide->after($chosen);
        $path = array_slice($chosen, 0, count($at['trail']));
        $trail = $answers = [];
        foreach ($at['trail'] as $i => $step) {
            $trail[] = [...$step, 'back' => $to(array_slice($path, 0, $i))];
        }
        foreach ($at['question'] === null ? [] : array_keys($guide->questions[$at['question']]['answers']) as $i => $label) {
            $answers[] = ['label' => $label, 'href' => $to([...$path, $i])];
        }

        return new self(
            'Library',
            array_values(array_map($row, $catalogue->families)),
            $trail,
            $at['question'] === null ? null : $guide->questions[$at['question']]['ask'],
            $answers,
            $at['family'] === null ? null : $row($catalogue->families[$at['family']]),
        );
    }
}
