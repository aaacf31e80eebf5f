<?php

declare(strict_types=1);

namespace App\View\Stations\Strip;

use App\View\Numbers;
use App\View\Sheet\Undo;
use App\View\Stations\BesideTheDrawing;
use App\View\Stations\StationWork;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\Tray;
use DustyJet\StripAndBuild\TrayCell;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** The tray: what came off, in numbered cells, what may come off now, and what is still behind something. */
final readonly class StripWork implements StationWork
{
    use BesideTheDrawing;

    /**
     * @param  list<array{number: int, name: string, count: string, isWrong: bool, isBack: bool}>  $cells as they came off
     * @param  list<PartKey>  $ready
     * @param  list<PartKey>  $ifNeeded come off only for a reason
     * @param  list<PartKey>  $rest what may come off as listed, one after the other
     * @param  list<array{part: PartKey, first: string, behind: string}>  $later with the name of what is first, and the keys of all
     * @param  array<string, string>  $expected names of what was not seen yet, by part
     * @param  list<string>  $missing
     * @param  Undo|null  $undo the latest part that came off
     */
    private function __construct(
        public array $cells,
        public array $ready,
        public array $ifNeeded,
        public array $rest,
        public array $later,
        public array $expected,
        public array $missing,
        public string $springs,
        public string $count,
        public ?Undo $undo,
        public ?string $ended,
        public bool $isEmpty,
    ) {
    }

    public static function of(Worksheet $sheet): self
    {
        $parts = $sheet->of(Parts::class);
        $tray = $parts->build->tray;
        $ready = $tray->plan->ready($tray->off());
        $springs = $tray->springs();
        $state = $sheet->stations[Station::Strip->value];

        return new self(
            cells: array_map(static fn (TrayCell $c): array => self::cell($parts, $c), $tray->cells),
            ready: self::keys($sheet, $ready, isOptional: false),
            ifNeeded: self::keys($sheet, $ready, isOptional: true),
            rest: self::rest($tray, $sheet->of(Screws::class)),
            later: self::later($tray, $sheet->of(Screws::class)),
            expected: self::expected($tray),
            missing: self::missing($tray),
            springs: "{$springs['found']} of {$springs['expected']}",
            count: "{$state->done} of {$state->of} off",
            undo: Undo::latestAt(Station::Strip, $sheet),
            ended: $parts->endedAt === null ? null : Numbers::clock($parts->endedAt),
            isEmpty: $tray->off() === [],
        );
    }

    public function view(): string
    {
        return 'stations.strip.work';
    }

    /** @return array{number: int, name: string, count: string, isWrong: bool, isBack: bool} */
    private static function cell(Parts $parts, TrayCell $cell): array
    {
        $expected = $parts->build->tray->plan->parts[$cell->key]->count ?? 0;

        return [
            'number' => $cell->number,
            'name' => $cell->name,
            'count' => match (true) {
                $cell->count !== $expected => "{$cell->count}, expected {$expected}",
                $cell->count === 1 => '',
                default => (string) $cell->count,
            },
            'isWrong' => $cell->count !== $expected,
            'isBack' => isset($parts->build->placed[$cell->key]) || isset($parts->build->accounted[$cell->key]),
        ];
    }

    /**
     * @param  list<TrayPart>  $parts
     *
     * @return list<PartKey>
     */
    private static function keys(Worksheet $sheet, array $parts, bool $isOptional): array
    {
        $wanted = array_filter($parts, static fn (TrayPart $p): bool => $p->isOptional === $isOptional);
        $screws = $sheet->of(Screws::class);

        return array_values(array_map(static fn (TrayPart $p): PartKey => PartKey::of($p, $screws), $wanted));
    }

    /** @return list<PartKey> up to a screw that nobody has counted yet */
    private static function rest(Tray $tray, Screws $screws): array
    {
        $rest = [];
        foreach ($tray->rest() as $part) {
            if (PartKey::isUncounted($part, $screws)) {
                break;
            }
            $rest[] = PartKey::of($part, $screws);
        }

        return $rest;
    }

    /** @return list<array{part: PartKey, first: string, behind: string}> */
    private static function later(Tray $tray, Screws $screws): array
    {
        $later = [];
        foreach ($tray->unaccounted() as $part) {
            $behind = array_values(array_diff($part->after, $tray->off()));
            if ($behind !== []) {
                $later[] = [
                    'part' => PartKey::of($part, $screws),
                    'first' => InSentence::name($tray->plan->parts[$behind[0]]->name),
                    'behind' => implode(' ', $behind),
                ];
            }
        }

        return $later;
    }

    /** @return array<string, string> */
    private static function expected(Tray $tray): array
    {
        $expected = [];
        foreach ($tray->unaccounted() as $part) {
            $expected[$part->key] = $part->name;
        }

        return $expected;
    }

    /** @return list<string> */
    private static function missing(Tray $tray): array
    {
        $missing = [];
        foreach ($tray->notSeen as $part => $said) {
            $missing[] = "{$tray->plan->parts[$part]->name}: {$said}";
        }

        return $missing;
    }
}
