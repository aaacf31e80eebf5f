<?php

declare(strict_types=1);

namespace App\View\Report;

use App\View\Numbers;
use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\InSentence;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\BenchTest\HoldRecord;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Clean\InspectionRecord;
use DustyJet\Worksheet\Clean\PartNeeded;
use DustyJet\Worksheet\Clean\PartsList;
use DustyJet\Worksheet\Intake\Findings;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** The repair as it is told to whoever brought the machine: what was wrong, how that is known, and what was done. */
final readonly class ReportStory
{
    /**
     * @param  list<string>  $wrong sentences: each cause with what shows it
     * @param  list<string>  $done sentences
     */
    private function __construct(public array $wrong, public array $done)
    {
    }

    public static function of(Worksheet $sheet, Catalogue $catalogue): self
    {
        $wrong = [
            ...self::repaired($sheet, $catalogue),
            ...self::looked($sheet),
            ...self::held($sheet),
        ];

        return new self(
            $wrong === [] ? ['Nothing broken was found.'] : $wrong,
            [...self::taken($sheet), ...self::cleaned($sheet), ...self::renewed($sheet), ...self::accounted($sheet)],
        );
    }

    /** @return list<string> what was cured, by its name */
    private static function repaired(Worksheet $sheet, Catalogue $catalogue): array
    {
        $cured = array_intersect_key($catalogue->faults, $sheet->of(Findings::class)->repaired);

        return array_values(array_map(static fn ($fault): string => "{$fault->name}. It was put right.", $cured));
    }

    /** @return list<string> what was not good when it was looked at */
    private static function looked(Worksheet $sheet): array
    {
        $said = [];
        foreach (self::records($sheet) as $record) {
            $good = $sheet->family->teardown->inspections[$record->key];
            $bad = match ($record->condition) {
                Condition::Sound => null,
                Condition::Cleaned => 'it was dirty and could be cleaned',
                Condition::Replace, Condition::Renewed => 'it was past use',
                Condition::Scrap => 'the body is past use',
            };
            if ($bad !== null) {
                $why = $record->reason === null ? '' : " ({$record->reason})";
                $said[] = "{$good->do}: {$bad}{$why}. Good is: ".lcfirst($good->good).'.';
            }
        }

        return $said;
    }

    /** @return list<string> what the first test of the bench showed, where that was no good */
    private static function held(Worksheet $sheet): array
    {
        $first = $sheet->of(Holds::class)->all[0] ?? null;
        $isBad = in_array($first?->outcome->verdict, [Verdict::Leaks, Verdict::HoldsBelow], true);

        return $first === null || ! $isBad ? [] : [self::test($sheet).': '.self::result($first).'.'];
    }

    /** What the hold test is called, to a customer. */
    public static function test(Worksheet $sheet): string
    {
        return $sheet->family->proof->hold?->isOfTheWhole() === true ? 'The carburetor under pressure' : 'The fuel valve under pressure';
    }

    /** What it let through, to a customer. */
    public static function result(HoldRecord $hold): string
    {
        $leak = $hold->outcome->leak;
        $most = Numbers::flow($hold->setup->limitMlMin);

        return match ($hold->outcome->verdict) {
            Verdict::Holds => 'tight: less than '.Numbers::flow($leak->highMlMin)." cc of air a minute, {$most} may be",
            Verdict::Leaks => 'lets '.Numbers::flow($leak->mlMin)." cc of air through a minute, {$most} may be",
            Verdict::HoldsBelow => 'tight only below '.Numbers::psi($leak->plateauKpa ?? 0.0).' psi',
            Verdict::KeepWatching => 'not decided by this test',
        };
    }

    /** @return list<string> */
    private static function taken(Worksheet $sheet): array
    {
        $parts = $sheet->of(Parts::class);
        $off = count($parts->build->tray->cells);

        return match (true) {
            $off === 0 => [],
            $parts->isWhole() => ["Taken apart, {$off} kinds of parts, and put together again; every one is accounted for."],
            default => ["Taken apart, {$off} kinds of parts."],
        };
    }

    /** @return list<string> */
    private static function cleaned(Worksheet $sheet): array
    {
        $records = self::records($sheet);
        $cleaned = array_filter($records, static fn (InspectionRecord $r): bool => $r->condition === Condition::Cleaned);
        $names = array_map(
            static fn (InspectionRecord $r): string => InSentence::name($sheet->family->teardown->inspections[$r->key]->do),
            $cleaned,
        );
        $count = count($records);

        return [
            ...$count === 0 ? [] : ["{$count} parts and passages were looked at one by one."],
            ...$names === [] ? [] : ['Cleaned: '.implode('; ', $names).'.'],
        ];
    }

    /** @return list<string> */
    private static function renewed(Worksheet $sheet): array
    {
        $parts = PartsList::of($sheet->bench);
        $name = static fn (PartNeeded $p): string => InSentence::name($p->name);
        $fitted = array_map($name, array_filter($parts, static fn (PartNeeded $p): bool => $p->isFitted));
        $open = array_map($name, array_filter($parts, static fn (PartNeeded $p): bool => ! $p->isFitted));

        return [
            ...$fitted === [] ? [] : ['New: '.implode(', ', $fitted).'.'],
            ...$open === [] ? [] : ['Still to be fitted new: '.implode(', ', $open).'.'],
        ];
    }

    /** @return list<string> what became of parts that did not go back */
    private static function accounted(Worksheet $sheet): array
    {
        $build = $sheet->of(Parts::class)->build;
        $said = [];
        foreach ($build->accounted as $part => $became) {
            $said[] = ($build->tray->cell($part)->name ?? $build->tray->plan->parts[$part]->name).": {$became}.";
        }

        return $said;
    }

    /** @return list<InspectionRecord> */
    private static function records(Worksheet $sheet): array
    {
        return array_values(array_intersect_key(
            $sheet->of(Inspected::class)->records,
            $sheet->family->teardown->inspections,
        ));
    }
}
