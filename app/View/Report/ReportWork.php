<?php

declare(strict_types=1);

namespace App\View\Report;

use DustyJet\Carburetor\Condition;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Clean\PartNeeded;
use DustyJet\Worksheet\Clean\PartsList;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** What was found where it was not sound, new parts, and what became of those that did not go back. */
final readonly class ReportWork
{
    /**
     * @param  list<array{what: string, result: string}>  $found
     * @param  list<string>  $parts
     */
    private function __construct(public array $found, public array $parts)
    {
    }

    public static function of(Worksheet $sheet): self
    {
        return new self(self::found($sheet), [...self::needed($sheet), ...self::accounted($sheet)]);
    }

    /** @return list<array{what: string, result: string}> */
    private static function found(Worksheet $sheet): array
    {
        $found = [];
        foreach ($sheet->of(Inspected::class)->records as $record) {
            $inspection = $sheet->family->teardown->inspections[$record->key] ?? null;
            if ($inspection !== null && $record->condition !== Condition::Sound) {
                $found[] = ['what' => $inspection->do, 'result' => $record->said(': ')];
            }
        }

        return $found;
    }

    /** @return list<string> */
    private static function needed(Worksheet $sheet): array
    {
        return array_map(
            static fn (PartNeeded $p): string => "{$p->name} (".($p->isFitted ? 'fitted' : 'to fit').')',
            PartsList::of($sheet->bench),
        );
    }

    /** @return list<string> */
    private static function accounted(Worksheet $sheet): array
    {
        $build = $sheet->of(Parts::class)->build;
        $accounted = [];
        foreach ($build->accounted as $part => $became) {
            $name = $build->tray->cell($part)->name ?? $build->tray->plan->parts[$part]->name;
            $accounted[] = "{$name} ({$became})";
        }

        return $accounted;
    }
}
