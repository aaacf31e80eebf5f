<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Numbers;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Inspection;
use DustyJet\Worksheet\ClockRecord;
use DustyJet\Worksheet\PartNeeded;
use DustyJet\Worksheet\Worksheet;
use Illuminate\Support\Facades\Date;

/** Every part by its criterion, the passage map, the clocks that run, and the parts list that comes of it. */
final readonly class CleanWork
{
    /**
     * @param  InspectionCard|null  $open the one under the lens
     * @param  list<array{key: string, do: string, said: string, state: string, on: string, href: string, isOpen: bool}>  $parts
     * @param  list<array{key: string, do: string, said: string, state: string, on: string, href: string, isOpen: bool}>  $passages
     * @param  list<array{id: string, name: string, what: string, left: string, due: string, isDue: bool, level: int}>  $clocks
     * @param  list<array{key: string, name: string, minutes: int, do: string}>  $mayStart
     * @param  list<PartNeeded>  $needed
     * @param  list<string>  $lacks what the usual kit has not
     * @param  list<string>  $tools
     */
    private function __construct(
        public ?InspectionCard $open,
        public array $parts,
        public array $passages,
        public array $clocks,
        public array $mayStart,
        public array $needed,
        public array $lacks,
        public array $tools,
        public string $keepDry,
        public string $count,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet, string $look): self
    {
        $rebuild = $sheet->rebuild;
        $all = $rebuild->inspections();
        $open = $all[$look] ?? array_values($rebuild->uninspected())[0] ?? null;
        $row = static fn (Inspection $i): array => self::row($job, $sheet, $i, $i === $open);
        $state = $sheet->stations['clean'];

        return new self(
            open: $open === null ? null : InspectionCard::of($sheet, $open),
            parts: array_values(array_map($row, array_filter($all, static fn (Inspection $i): bool => ! $i->isPassage()))),
            passages: array_values(array_map($row, array_filter($all, static fn (Inspection $i): bool => $i->isPassage()))),
            clocks: array_map(self::clock(...), $rebuild->runningClocks()),
            mayStart: array_values(array_map(static fn ($c): array => ['key' => $c->key, 'name' => $c->name, 'minutes' => $c->minutes, 'do' => $c->do], $sheet->family->clocks)),
            needed: $rebuild->partsNeeded(),
            lacks: $sheet->family->kit->lacks,
            tools: $sheet->family->tools,
            keepDry: implode(', ', array_map(static fn ($p): string => InSentence::name($p->name), array_filter($rebuild->build->tray->plan->parts, static fn ($p): bool => $p->never !== null))),
            count: "{$state->done} of {$state->of} looked at",
        );
    }

    /** @return array{key: string, do: string, said: string, state: string, on: string, href: string, isOpen: bool} */
    private static function row(Job $job, Worksheet $sheet, Inspection $inspection, bool $isOpen): array
    {
        $record = $sheet->rebuild->inspected[$inspection->key] ?? null;

        return [
            'key' => $inspection->key,
            'do' => $inspection->do,
            'said' => $record === null ? '' : $record->condition->label().($record->reason === null ? '' : ', '.$record->reason),
            'state' => $record->condition->value ?? 'open',
            'on' => $inspection->on ?? '',
            'href' => route('stations.show', [$job, 'clean', 'look' => $inspection->key]),
            'isOpen' => $isOpen,
        ];
    }

    /** @return array{id: string, name: string, what: string, left: string, due: string, isDue: bool, level: int} */
    private static function clock(ClockRecord $clock): array
    {
        $left = $clock->dueAt()->getTimestamp() - Date::now()->getTimestamp();

        return [
            'id' => $clock->entryId,
            'name' => $clock->name,
            'what' => $clock->what ?? '',
            'left' => $left <= 0 ? 'time is up' : Numbers::countdown($left),
            'due' => $clock->dueAt()->format(DATE_ATOM),
            'isDue' => $left <= 0,
            'level' => max(0, min(100, (int) round(100 * $left / (60 * $clock->minutes)))),
        ];
    }
}
