<?php

declare(strict_types=1);

namespace App\View\Stations\Clean;

use App\View\Stations\SheetView;
use DustyJet\Carburetor\Inspection;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Clean\InspectionRecord;

/** A part or passage in the list of what there is to look at. */
final readonly class LookRow
{
    private function __construct(
        public string $key,
        public string $do,
        public string $said,
        public string $state,
        public string $on,
        public string $href,
        public bool $isOpen,
        public bool $isPassage,
        public bool $isJudged,
    ) {
    }

    /**
     * @param  array<string, Inspection>  $inspections
     * @param  Inspection|null  $open the one under the lens
     *
     * @return list<self>
     */
    public static function all(SheetView $view, array $inspections, ?Inspection $open): array
    {
        $records = $view->sheet->of(Inspected::class)->records;
        $row = static fn (Inspection $i): self => self::of($i, $records[$i->key] ?? null, $i === $open, $view);

        return array_values(array_map($row, $inspections));
    }

    private static function of(Inspection $inspection, ?InspectionRecord $record, bool $isOpen, SheetView $view): self
    {
        return new self(
            key: $inspection->key,
            do: $inspection->do,
            said: $record?->said(', ') ?? '',
            state: $record->condition->value ?? 'open',
            on: $inspection->on ?? '',
            href: $view->to(Station::Clean, look: $inspection->key),
            isOpen: $isOpen,
            isPassage: $inspection->isPassage(),
            isJudged: $record !== null,
        );
    }
}
