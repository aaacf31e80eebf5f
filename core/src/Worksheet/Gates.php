<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\Station;
use DustyJet\HoldTest\Verdict;

/**
 * What must be true before a machine goes back to its owner. Gates exist only here: any station may be worked at any time.
 *
 * @internal
 */
final readonly class Gates
{
    /** A list of everything on the tray would hide the rest. */
    private const LEFT_BY_NAME = 3;

    /** @return list<string> one sentence for each thing still in the way */
    public static function of(Worksheet $sheet): array
    {
        $gates = [];
        foreach ($sheet->stale as $item) {
            $gates[] = "{$item->what} is stale: {$item->because}. Check it again, or override it with a reason.";
        }
        $gates = [...$gates, ...self::benchTests($sheet)];
        foreach ($sheet->checks as $check) {
            if ($check->passed !== true) {
                $gates[] = ($check->passed === false ? 'Failed: ' : 'Not checked: ').$check->do.'.';
            }
        }
        foreach ($sheet->rebuild->openPromises() as $promise) {
            $gates[] = "Put off and not done: {$promise->what}.";
        }
        if (! $sheet->stations[Station::Run->value]->isDone()) {
            $gates[] = 'The screws are not logged as left.';
        }

        return [...$gates, ...self::rebuild($sheet)];
    }

    /** @return list<string> */
    private static function benchTests(Worksheet $sheet): array
    {
        $hold = $sheet->family->hold;
        if ($hold === null) {
            $station = $sheet->stations[Station::BenchTest->value];

            return $station->isDone() ? [] : ["{$station->done} of {$station->of} bench tests passed."];
        }
        $last = $sheet->latestHold();
        if ($last === null) {
            return ["{$hold->name}: never tested."];
        }

        return $last->verdict === Verdict::Holds ? [] : ["{$hold->name}: the last test did not pass."];
    }

    /** @return list<string> */
    private static function rebuild(Worksheet $sheet): array
    {
        $rebuild = $sheet->rebuild;
        $gates = $rebuild->isBegun() && ! $rebuild->isStripped() ? ['The strip is not ended: say whether it comes apart any further.'] : [];
        $left = $rebuild->isBegun() ? $rebuild->build->leftOver() : [];
        $gates = [...$gates, ...array_slice($left, 0, self::LEFT_BY_NAME)];
        if (count($left) > self::LEFT_BY_NAME) {
            $gates[] = 'And '.(count($left) - self::LEFT_BY_NAME).' more on the tray or missing.';
        }
        foreach ($rebuild->scrapped() as $inspection) {
            $gates[] = "{$inspection->do}: judged as scrapping the body.";
        }
        foreach ($rebuild->partsNeeded() as $part) {
            $gates = $part->isFitted ? $gates : [...$gates, "Still to fit: {$part->name}."];
        }

        return $gates;
    }
}
