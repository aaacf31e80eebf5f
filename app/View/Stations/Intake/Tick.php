<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Finding;

/** Something that can be said of a machine: once, or by how much. */
final readonly class Tick
{
    /**
     * @param  list<array{value: string, label: string, isChosen: bool}>  $choices
     * @param  string  $words it is found by, in small letters
     */
    private function __construct(
        public string $finding,
        public string $name,
        public array $choices,
        public string $words,
    ) {
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
                static fn (Finding $f): self => new self(
                    $f->id,
                    $f->ask,
                    self::choices($f, $chosen[$f->id] ?? null),
                    self::words($f),
                ),
                $complaints,
            ),
        );
    }

    /**
     * Everything that can be said of a machine, in the order a technician thinks of it: a rebuild before it, where fuel
     * is seen, what the customer says, what is asked, what is looked at.
     *
     * @return list<self>
     */
    public static function all(Catalogue $catalogue, CarburetorKind $kind): array
    {
        $rank = static fn (Finding $f): int => match (true) {
            $f->id === 'since_rebuild' => 0,
            $f->danger === 'dripping' => 1,
            $f->isComplaint() => 2,
            $f->group === 'history' => 3,
            default => 4,
        };
        $findings = array_values($catalogue->findingsOf($kind));
        usort($findings, static fn (Finding $a, Finding $b): int => $rank($a) <=> $rank($b));

        return array_map(
            static fn (Finding $f): self => new self(
                $f->id,
                $f->isComplaint() ? $f->ask : ucfirst($f->because),
                self::said($f),
                self::words($f),
            ),
            $findings,
        );
    }

    private static function words(Finding $finding): string
    {
        return mb_strtolower("{$finding->ask} {$finding->because} {$finding->part} {$finding->group}");
    }

    /** @return list<array{value: string, label: string, isChosen: bool}> */
    private static function said(Finding $finding): array
    {
        $choices = self::choices($finding, null);

        return count($choices) > 1 ? $choices : [['label' => $finding->isComplaint() ? $finding->ask : ucfirst($finding->because)] + $choices[0]];
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
