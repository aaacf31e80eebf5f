<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Numbers;
use DustyJet\BenchLog\EntryKind;
use DustyJet\Carburetor\InSentence;
use DustyJet\StripAndBuild\TrayCell;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Worksheet;

/** The tray: what came off, in numbered cells, what may come off now, and what is still behind something. */
final readonly class StripWork
{
    /**
     * @param  list<array{number: int, name: string, count: string, isWrong: bool, isBack: bool}>  $cells in the order they came off
     * @param  list<array{key: string, name: string, count: int, caution: string, on: string, isFirst: bool}>  $ready
     * @param  list<array{key: string, name: string, count: int, caution: string, on: string}>  $ifNeeded come off only for a reason
     * @param  list<array{name: string, behind: string}>  $later
     * @param  array<string, string>  $expected names of what was not seen yet, by part
     * @param  list<string>  $missing
     * @param  string|null  $undo entry of the latest part
     */
    private function __construct(
        public array $cells,
        public array $ready,
        public array $ifNeeded,
        public array $later,
        public array $expected,
        public array $missing,
        public string $springs,
        public string $count,
        public ?string $undo,
        public string $undoes,
        public ?string $ended,
        public bool $isEmpty,
    ) {
    }

    public static function of(Worksheet $sheet): self
    {
        $tray = $sheet->rebuild->build->tray;
        $all = $tray->plan->ready($tray->off());
        $ready = array_values(array_filter($all, static fn (TrayPart $p): bool => ! $p->isOptional));
        $optional = array_values(array_filter($all, static fn (TrayPart $p): bool => $p->isOptional));
        $later = array_filter($tray->unaccounted(), static fn (TrayPart $p): bool => array_diff($p->after, $tray->off()) !== []);
        $springs = $tray->springs();
        [$undo, $undoes] = self::undo($sheet);

        return new self(
            cells: array_map(static fn (TrayCell $c): array => self::cell($sheet, $c), $tray->cells),
            ready: array_map(static fn (TrayPart $p, int $i): array => [...self::part($sheet, $p), 'isFirst' => $i === 0], $ready, array_keys($ready)),
            ifNeeded: array_map(static fn (TrayPart $p): array => self::part($sheet, $p), $optional),
            later: array_values(array_map(static fn (TrayPart $p): array => ['name' => $p->name, 'behind' => InSentence::name($tray->plan->parts[array_values(array_diff($p->after, $tray->off()))[0]]->name)], $later)),
            expected: array_column(array_map(static fn (TrayPart $p): array => ['key' => $p->key, 'name' => $p->name], $tray->unaccounted()), 'name', 'key'),
            missing: array_map(static fn (string $said, string $part): string => "{$tray->plan->parts[$part]->name}: {$said}", $tray->notSeen, array_keys($tray->notSeen)),
            springs: "{$springs['found']} of {$springs['expected']}",
            count: "{$sheet->stations['strip']->done} of {$sheet->stations['strip']->of} off",
            undo: $undo,
            undoes: $undoes,
            ended: $sheet->rebuild->stripEndedAt === null ? null : Numbers::clock($sheet->rebuild->stripEndedAt),
            isEmpty: $tray->off() === [],
        );
    }

    /** @return array{number: int, name: string, count: string, isWrong: bool, isBack: bool} */
    private static function cell(Worksheet $sheet, TrayCell $cell): array
    {
        $expected = $sheet->rebuild->build->tray->plan->parts[$cell->key]->count ?? 0;

        return [
            'number' => $cell->number,
            'name' => $cell->name,
            'count' => $cell->count === 1 && $expected === 1 ? '' : ($cell->count === $expected ? (string) $cell->count : "{$cell->count}, expected {$expected}"),
            'isWrong' => $cell->count !== $expected,
            'isBack' => isset($sheet->rebuild->build->placed[$cell->key]) || isset($sheet->rebuild->build->accounted[$cell->key]),
        ];
    }

    /** @return array{key: string, name: string, count: int, caution: string, on: string} */
    private static function part(Worksheet $sheet, TrayPart $part): array
    {
        $uncounted = array_filter($part->adjusters, static fn (string $a): bool => isset($sheet->adjusters[$a]) && $sheet->adjusters[$a]->found === null && $sheet->adjusters[$a]->adjuster->isMixture);
        $cautions = [$uncounted === [] ? null : 'Not counted in yet: nobody can once it is out', $part->caution, $part->never === null ? null : 'No cleaner on it'];

        return ['key' => $part->key, 'name' => $part->name, 'count' => $part->isTask ? 0 : $part->count, 'caution' => implode('. ', array_filter($cautions, is_string(...))), 'on' => $part->on ?? ''];
    }

    /** @return array{0: string|null, 1: string} the latest entry that moved a part off, and its part */
    private static function undo(Worksheet $sheet): array
    {
        $entry = $sheet->log->latestOf(EntryKind::PartOff, EntryKind::PartMissing, EntryKind::PartUnexpected);

        return $entry === null ? [null, ''] : [$entry->id, $sheet->rebuild->build->tray->plan->parts[$entry->text('part')]->name ?? $entry->text('name')];
    }
}
