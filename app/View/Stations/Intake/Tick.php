<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Finding;

/** A complaint to tick: once, or by how much. */
final readonly class Tick
{
    /** @param  list<array{value: string, label: string, isChosen: bool}>  $choices */
    private function __construct(public string $finding, public string $name, public array $choices)
    {
    }

    /**
     * @param  array<array-key, mixed>  $chosen answers by finding
     *
     * @return list<self>
     */
    public static function complaints(Catalogue $catalogue, CarburetorKind $kind, array $chosen = []): array
    {
        $complaints = array_filter($catalogue->findingsOf($kind), static fn (Finding $f): bool => $f->isComplaint());

        return array_values(
            array_map(
                static fn (Finding $f): self => new self($f->id, $f->ask, self::choices($f, $chosen[$f->id] ?? null)),
                $complaints,
            ),
        );
    }

    /** @return list<array{value: string, label: string, isChosen: bool}> */
    private static function choices(Finding $finding, mixed $chosen): array
    {
        $answers = $finding->isGraded() ? [Answer::Some, Answer::Strong] : [Answer::Yes];

        return array_map(
            static fn (Answer $a): array => [
                'value' => $a->value,
                'label' => $finding->isGraded() ? $finding->word($a) : $finding->ask,
                'isChosen' => $chosen === $a->value,
            ],
            $answers,
        );
    }
}
