<?php

declare(strict_types=1);

namespace App\View\Stations\Clean;

use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Inspection;
use DustyJet\StripAndBuild\Tray;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** One part under the lens: what is good, why it matters, and the verdicts it may get. */
final readonly class InspectionCard
{
    /** @param  list<array{value: string, label: string, letter: string, isSaid: bool}>  $verdicts */
    private function __construct(
        public string $key,
        public string $do,
        public string $good,
        public string $why,
        public string $picture,
        public string $caution,
        public string $on,
        public string $reason,
        public string $jets,
        public string $outFirst,
        public array $verdicts,
    ) {
    }

    public static function of(Worksheet $sheet, Inspection $inspection): self
    {
        $record = $sheet->of(Inspected::class)->records[$inspection->key] ?? null;
        $caution = $inspection->caution === null ? null : $sheet->family->guidance->cautions[$inspection->caution];

        return new self(
            key: $inspection->key,
            do: $inspection->do,
            good: $inspection->good,
            why: $inspection->why,
            picture: $inspection->picture ?? '',
            caution: $caution === null ? '' : "{$caution->title} {$caution->text}",
            on: $inspection->on ?? '',
            reason: $record->reason ?? '',
            jets: (string) ($inspection->passage->jets ?? ''),
            outFirst: self::outFirst($inspection, $sheet->of(Parts::class)->build->tray),
            verdicts: self::verdicts($inspection, $record?->condition),
        );
    }

    /** What must come off before a passage can be tried. */
    private static function outFirst(Inspection $inspection, Tray $tray): string
    {
        $parts = $tray->plan->parts;
        $isOn = static fn (string $p): bool => isset($parts[$p]) && ! $tray->has($p);
        $name = static fn (string $p): string => InSentence::name($parts[$p]->name);

        return implode(', ', array_map($name, array_filter($inspection->passage->out ?? [], $isOn)));
    }

    /** @return list<array{value: string, label: string, letter: string, isSaid: bool}> */
    private static function verdicts(Inspection $inspection, ?Condition $said): array
    {
        $verdicts = [];
        foreach (self::possible($inspection, $said) as $letter => $condition) {
            $verdicts[] = [
                'value' => $condition->value,
                'label' => $condition === Condition::Cleaned ? 'Cleaned, now good' : $condition->label(),
                'letter' => $letter,
                'isSaid' => $said === $condition,
            ];
        }

        return $verdicts;
    }

    /** @return array<string, Condition> by the letter that says it */
    private static function possible(Inspection $inspection, ?Condition $said): array
    {
        $letters = [
            'g' => Condition::Sound,
            'c' => Condition::Cleaned,
            'x' => Condition::Replace,
            'n' => Condition::Renewed,
            'w' => Condition::Scrap,
        ];

        $isAsked = $said === Condition::Replace || $said === Condition::Renewed;
        $isOffered = static fn (Condition $c): bool => $inspection->canBe($c) && ($isAsked || $c !== Condition::Renewed);

        return array_filter($letters, $isOffered);
    }
}
