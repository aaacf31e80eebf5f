<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\HoldTest\TraceCsv;
use DustyJet\PopOff\Pop;
use DustyJet\PopOff\PopSeries;

/** `jet popoff FILE.csv`: where an inlet needle opens and shuts, from a pressure trace. */
final readonly class PopOffCommand implements FromFile
{
    public static function options(): array
    {
        return [];
    }

    public static function run(Options $options): array
    {
        $trace = TraceCsv::parse($options->file());
        $series = PopSeries::in($trace);

        return [
            'pops' => array_map(
                static fn (Pop $p): array => [
                    't_s' => $p->seconds + $trace->startedAt,
                    'pop_kpa' => $p->pop->inKilopascals(),
                    'reseat_kpa' => $p->reseat->inKilopascals(),
                ],
                $series->pops,
            ),
            'mean_pop_kpa' => $series->meanPop()?->inKilopascals(),
            'mean_reseat_kpa' => $series->meanReseat()?->inKilopascals(),
            'spread_kpa' => $series->spreadKilopascals(),
            'enough' => $series->isEnough(),
        ];
    }
}
