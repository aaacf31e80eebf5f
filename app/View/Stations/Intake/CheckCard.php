<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use App\View\Numbers;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\RankedCheck;

/** The check in hand: how it is done, what can come out of it and what each answer would change. */
final readonly class CheckCard
{
    /**
     * @param  list<array{label: string, answers: array<string, string>, chance: string, then: string}>  $outcomes
     * @param  array{title: string, text: string}|null  $caution
     */
    private function __construct(
        public string $id,
        public string $do,
        public string $how,
        public string $question,
        public string $minutes,
        public string $worth,
        public string $opens,
        public string $tools,
        public ?string $risk,
        public ?array $caution,
        public array $outcomes,
        public string $provenance,
    ) {
    }

    public static function of(Catalogue $catalogue, Diagnosis $diagnosis, RankedCheck $ranked): self
    {
        $check = $ranked->check;
        $asked = array_keys($ranked->outcomes[0]['answers']);

        return new self(
            $check->id,
            $check->do,
            $check->how,
            implode(' ', array_map(static fn (string $f): string => $catalogue->findings[$f]->ask, $asked)),
            Numbers::plain($ranked->minutes, 0),
            self::worth($ranked, $diagnosis),
            implode(', ', array_map(lcfirst(...), $ranked->opens)),
            implode(', ', $check->needs->tools),
            $check->risk->what,
            $check->risk->caution === null ? null : $catalogue->cautions[$check->risk->caution],
            array_map(static fn (array $o): array => self::outcome($catalogue, $diagnosis, $o), $ranked->outcomes),
            $check->provenance,
        );
    }

    /** What it is worth by the clock; and whether it is the one for who wants to know. */
    public static function worth(RankedCheck $ranked, Diagnosis $diagnosis): string
    {
        return self::inMinutes($ranked).($ranked->check->id === $diagnosis->tellsMost()?->check->id ? ', tells most' : '');
    }

    private static function inMinutes(RankedCheck $ranked): string
    {
        $gain = (int) round($ranked->gain);

        return match (true) {
            $ranked->togetherWith !== null => 'pays together with a second look',
            $gain > 0 && $ranked->check->needs->opensCarburetor => "saves {$gain} min, but opens the carburetor",
            $gain > 0 => "saves {$gain} min on average",
            $ranked->gain > 0.0 => 'just pays for itself',
            default => 'costs '.max(1, -$gain).' min more than it saves',
        };
    }

    /**
     * @param  array{answers: array<string, Answer>, probability: float, leader: string|null, leaderChance: float,
     *     shortlisted: float}  $outcome
     *
     * @return array{label: string, answers: array<string, string>, chance: string, then: string}
     */
    private static function outcome(Catalogue $catalogue, Diagnosis $diagnosis, array $outcome): array
    {
        $leader = $catalogue->faults[$outcome['leader'] ?? '']->name ?? 'no fault of the list';
        $percent = (int) round(100.0 * $outcome['leaderChance']);

        return [
            'label' => self::label($catalogue, $outcome['answers']),
            'answers' => array_map(static fn (Answer $a): string => $a->value, $outcome['answers']),
            'chance' => max(1, (int) round(100.0 * $outcome['probability'])).' %',
            'then' => "{$leader} {$percent}\u{A0}%",
        ];
    }

    /** @param  array<string, Answer>  $answers */
    private static function label(Catalogue $catalogue, array $answers): string
    {
        $there = array_filter($answers, static fn (Answer $a): bool => $a->isThere());
        if (count($answers) === 1) {
            $finding = $catalogue->findings[(string) array_key_first($answers)];

            return ucfirst($finding->word(array_values($answers)[0]));
        }

        return match (count($there)) {
            0 => 'Neither',
            2 => 'Both',
            default => ucfirst($catalogue->findings[(string) array_key_first($there)]->because),
        };
    }
}
