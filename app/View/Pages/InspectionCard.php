<?php

declare(strict_types=1);

namespace App\View\Pages;

use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Inspection;
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
        $record = $sheet->rebuild->inspected[$inspection->key] ?? null;
        $verdicts = array_filter([
            Condition::Sound->value => ['Sound', 'g'],
            Condition::Cleaned->value => $inspection->cures === [] && $inspection->renews !== [] ? null : ['Cleaned, now good', 'c'],
            Condition::Replace->value => $inspection->new === null ? null : ['New part', 'x'],
            Condition::Scrap->value => $inspection->scraps ? ['Scraps the body', 'w'] : null,
        ]);
        $tray = $sheet->rebuild->build->tray;
        $out = array_filter($inspection->out, static fn (string $p): bool => isset($tray->plan->parts[$p]) && ! $tray->has($p));
        $caution = $inspection->caution === null ? null : $sheet->family->cautions[$inspection->caution];

        return new self(
            $inspection->key,
            $inspection->do,
            $inspection->good,
            $inspection->why,
            $inspection->picture ?? '',
            $caution === null ? '' : "{$caution->title} {$caution->text}",
            $inspection->on ?? '',
            $record->reason ?? '',
            $inspection->jets === null ? '' : (string) $inspection->jets,
            implode(', ', array_map(static fn (string $p): string => InSentence::name($tray->plan->parts[$p]->name), $out)),
            array_map(static fn (string $value, array $v): array => ['value' => $value, 'label' => $v[0], 'letter' => $v[1], 'isSaid' => $record?->condition->value === $value], array_keys($verdicts), $verdicts),
        );
    }
}
