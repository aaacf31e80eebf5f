<?php

declare(strict_types=1);

namespace App\View\Pages;

use DustyJet\BenchLog\EntryKind;
use DustyJet\Carburetor\InSentence;
use DustyJet\StripAndBuild\TrayCell;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Worksheet;

/** Back on, in the reverse of this strip under the rules of the family; a guard counts when it was looked at. */
final readonly class BuildWork
{
    /**
     * @param  array{key: string, name: string, count: int, cell: int, looks: list<string>, why: string, on: string}|null  $next
     * @param  list<array{key: string, name: string, count: int, cell: int, looks: list<string>, why: string, on: string}>  $also may go in now as well
     * @param  list<array{name: string, cell: int, first: string}>  $later
     * @param  list<string>  $placed newest first
     * @param  list<array{part: string, name: string, left: string}>  $leftOver only once nothing more can go in
     * @param  list<StackCard>  $stacks edge-on, of what is being built
     */
    private function __construct(
        public ?array $next,
        public array $also,
        public array $later,
        public array $placed,
        public array $leftOver,
        public array $stacks,
        public string $count,
        public ?string $undo,
        public string $undoes,
        public string $note,
    ) {
    }

    public static function of(Worksheet $sheet): self
    {
        $build = $sheet->rebuild->build;
        $ready = array_map(static fn (TrayPart $p): array => self::part($sheet, $p), $build->ready());
        $keys = array_column($ready, 'key');
        $open = array_filter($build->order(), static fn (TrayPart $p): bool => ! isset($build->placed[$p->key]) && ! isset($build->accounted[$p->key]) && ! in_array($p->key, $keys, true));
        [$undo, $undoes] = self::undo($sheet);

        return new self(
            next: $ready[0] ?? null,
            also: array_slice($ready, 1),
            later: array_values(array_map(static fn (TrayPart $p): array => ['name' => $p->name, 'cell' => $build->tray->cell($p->key)->number ?? 0, 'first' => InSentence::name(self::behind($sheet, $p))], $open)),
            placed: array_reverse(array_map(static fn (string $k): string => $build->tray->plan->parts[$k]->name, array_keys($build->placed))),
            leftOver: $ready === [] ? self::leftOver($sheet) : [],
            stacks: StackCard::all($sheet, $ready[0]['key'] ?? ''),
            count: "{$sheet->stations['build']->done} of {$sheet->stations['build']->of} back",
            undo: $undo,
            undoes: $undoes,
            note: match (true) {
                ! $sheet->rebuild->isBegun() => 'Nothing is on the tray: it was not taken apart.',
                ! $sheet->rebuild->isStripped() => 'The strip is not ended. What goes back is what came off.',
                $sheet->rebuild->isWhole() => 'The tray is empty and every part is accounted for.',
                default => '',
            },
        );
    }

    /** @return array{key: string, name: string, count: int, cell: int, looks: list<string>, why: string, on: string} */
    private static function part(Worksheet $sheet, TrayPart $part): array
    {
        $cell = $sheet->rebuild->build->tray->cell($part->key);
        $why = $sheet->rebuild->build->tray->plan->reasons($part->key)[0] ?? 'Reverse of this strip';

        return ['key' => $part->key, 'name' => $part->name, 'count' => $cell->count ?? 1, 'cell' => $cell->number ?? 0, 'looks' => $part->looks(), 'why' => $why, 'on' => $part->on ?? ''];
    }

    private static function behind(Worksheet $sheet, TrayPart $part): string
    {
        $build = $sheet->rebuild->build;
        foreach (array_keys($build->tray->plan->before($part->key)) as $first) {
            if ($build->tray->has($first) && ! isset($build->placed[$first]) && ! isset($build->accounted[$first])) {
                return $build->tray->plan->parts[$first]->name;
            }
        }

        return '';
    }

    /** @return list<array{part: string, name: string, left: string}> */
    private static function leftOver(Worksheet $sheet): array
    {
        $build = $sheet->rebuild->build;
        $left = array_map(static fn (TrayCell $c): array => ['part' => $c->key, 'name' => $c->name, 'left' => "Cell {$c->number}: it was not expected, and nothing says where it goes."], array_values(array_filter($build->tray->cells, static fn (TrayCell $c): bool => ! $c->isExpected && ! isset($build->accounted[$c->key]))));
        foreach ($build->tray->notSeen as $part => $said) {
            if (! isset($build->accounted[$part])) {
                $left[] = ['part' => $part, 'name' => $build->tray->plan->parts[$part]->name, 'left' => "Never found: {$said}."];
            }
        }
        foreach ($build->tray->miscounts() as $wrong) {
            if ($wrong['found'] < $wrong['expected'] && ! isset($build->accounted[$wrong['key']])) {
                $left[] = ['part' => $wrong['key'], 'name' => $wrong['name'], 'left' => "{$wrong['found']} came off, {$wrong['expected']} expected."];
            }
        }

        return $left;
    }

    /** @return array{0: string|null, 1: string} the latest part that went on */
    private static function undo(Worksheet $sheet): array
    {
        $entry = $sheet->log->latestOf(EntryKind::PartOn, EntryKind::PartAccounted);

        return $entry === null ? [null, ''] : [$entry->id, $sheet->rebuild->build->tray->cell($entry->text('part'))->name ?? $entry->text('part')];
    }
}
