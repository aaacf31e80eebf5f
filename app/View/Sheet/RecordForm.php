<?php

declare(strict_types=1);

namespace App\View\Sheet;

use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Notes\Fact;
use DustyJet\Worksheet\Notes\Facts;
use DustyJet\Worksheet\Worksheet;

/** The facts of the record that can be noted: those of this station first. */
final readonly class RecordForm
{
    /**
     * @param  list<array{value: string, title: string, example: string}>  $here
     * @param  list<array{value: string, title: string, example: string}>  $elsewhere
     * @param  list<array{title: string, text: string, follows: string|null}>  $noted
     */
    private function __construct(public array $here, public array $elsewhere, public array $noted)
    {
    }

    public static function of(Worksheet $sheet, Station $station): self
    {
        $isHere = static fn (Fact $f): bool => $f->station() === $station;
        $row = static fn (Fact $f): array => ['value' => $f->value, 'title' => $f->title(), 'example' => $f->example()];

        return new self(
            array_values(array_map($row, array_filter(Fact::cases(), $isHere))),
            array_values(array_map($row, array_filter(Fact::cases(), static fn (Fact $f): bool => ! $isHere($f)))),
            array_map(
                static fn (array $n): array => [
                    'title' => $n['fact']->title(), 'text' => $n['text'], 'follows' => $n['follows'],
                ],
                $sheet->of(Facts::class)->inOrder(),
            ),
        );
    }
}
