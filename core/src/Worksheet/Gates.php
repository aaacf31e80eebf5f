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
    /** @return list<string> one sentence for each thing still in the way */
    public static function of(Worksheet $sheet): array
    {
        $gates = [];
        foreach ($sheet->stale as $item) {
            $gates[] = "{$item->what} is stale: {$item->because}. Check it again, or override it with a reason.";
        }
        if ($sheet->latestHold() === null) {
            $gates[] = 'The inlet needle was never tested.';
        } elseif ($sheet->latestHold()->verdict !== Verdict::Holds) {
            $gates[] = 'The last needle hold did not pass.';
        }
        foreach ($sheet->checks as $check) {
            if ($check->passed !== true) {
                $gates[] = ($check->passed === false ? 'Failed: ' : 'Not checked: ').$check->do.'.';
            }
        }
        if (! $sheet->stations[Station::Run->value]->isDone()) {
            $gates[] = 'The screws are not logged as left.';
        }

        return [...$gates, ...self::unfinishedSteps($sheet)];
    }

    /** @return list<string> */
    private static function unfinishedSteps(Worksheet $sheet): array
    {
        $strip = $sheet->stations[Station::Strip->value];
        $build = $sheet->stations[Station::Build->value];

        return $strip->done > 0 && ! $build->isDone() ? ["It was taken apart, and {$build->done} of {$build->of} build steps are ticked."] : [];
    }
}
