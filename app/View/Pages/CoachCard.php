<?php

declare(strict_types=1);

namespace App\View\Pages;

use DustyJet\Carburetor\Circuit;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Worksheet;

/** More words on the same sheet, for those who learn. */
final readonly class CoachCard
{
    /** @param  list<array{what: string, why: string}>  $lines on what is in hand */
    private function __construct(public string $text, public array $lines)
    {
    }

    public static function of(Worksheet $sheet, Station $station): self
    {
        return new self($sheet->family->coach[$station->value] ?? '', match ($station) {
            Station::Strip => self::strip($sheet),
            Station::Build => self::build($sheet),
            Station::AsFound, Station::Set, Station::Run => array_values(array_map(static fn (Circuit $c): array => ['what' => $c->name, 'why' => $c->works], $sheet->family->circuits)),
            default => [],
        });
    }

    /** @return list<array{what: string, why: string}> what each part that may come off now sets free */
    private static function strip(Worksheet $sheet): array
    {
        $tray = $sheet->rebuild->build->tray;
        $lines = [];
        foreach ($tray->plan->ready($tray->off()) as $part) {
            $frees = array_filter($tray->plan->parts, static fn (TrayPart $p): bool => in_array($part->key, $p->after, true));
            $lines[] = ['what' => $part->name, 'why' => $frees === [] ? 'Nothing is behind it.' : 'In the way of '.implode(', ', array_map(static fn (TrayPart $p): string => InSentence::name($p->name), array_values($frees))).'.'];
        }

        return array_slice($lines, 0, 4);
    }

    /** @return list<array{what: string, why: string}> why the next part is next */
    private static function build(Worksheet $sheet): array
    {
        $build = $sheet->rebuild->build;
        $next = $build->ready()[0] ?? null;
        $lines = [];
        foreach ($next === null ? [] : $build->tray->plan->before($next->key) as $first => $why) {
            $lines[] = ['what' => "After {$build->tray->plan->parts[$first]->name}", 'why' => "{$why}."];
        }

        return $lines;
    }
}
