<?php

declare(strict_types=1);

namespace App\View\Sheet;

use DustyJet\Carburetor\Circuit;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\Tray;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** More words on the same sheet, for those who learn. */
final readonly class CoachCard
{
    private const MOST = 4;

    /** @param  list<array{what: string, why: string}>  $lines on what is in hand */
    private function __construct(public string $text, public array $lines)
    {
    }

    public static function of(Worksheet $sheet, Station $station): self
    {
        $build = $sheet->of(Parts::class)->build;
        $circuit = static fn (Circuit $c): array => ['what' => $c->name, 'why' => $c->works];

        return new self($sheet->family->guidance->coach[$station->value] ?? '', match ($station) {
            Station::Strip => self::strip($build->tray),
            Station::Build => self::build($build),
            Station::AsFound, Station::Set, Station::Run => array_values(array_map($circuit, $sheet->family->drawing->circuits)),
            default => [],
        });
    }

    /** @return list<array{what: string, why: string}> what each part that may come off now sets free */
    private static function strip(Tray $tray): array
    {
        $lines = [];
        foreach ($tray->plan->ready($tray->off()) as $part) {
            $frees = self::freedBy($part, $tray->plan);
            $why = $frees === [] ? 'Nothing is behind it.' : 'In the way of '.implode(', ', $frees).'.';
            $lines[] = ['what' => $part->name, 'why' => $why];
        }

        return array_slice($lines, 0, self::MOST);
    }

    /** @return list<string> names */
    private static function freedBy(TrayPart $part, StripPlan $plan): array
    {
        $isBehind = static fn (TrayPart $p): bool => in_array($part->key, $p->after, true);
        $name = static fn (TrayPart $p): string => InSentence::name($p->name);

        return array_values(array_map($name, array_filter($plan->parts, $isBehind)));
    }

    /** @return list<array{what: string, why: string}> why the next part is next */
    private static function build(Build $build): array
    {
        $next = $build->ready()[0] ?? null;
        $lines = [];
        foreach ($next === null ? [] : $build->tray->plan->before($next->key) as $first => $why) {
            $lines[] = ['what' => "After {$build->tray->plan->parts[$first]->name}", 'why' => "{$why}."];
        }

        return $lines;
    }
}
