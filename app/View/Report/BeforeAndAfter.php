<?php

declare(strict_types=1);

namespace App\View\Report;

use App\View\Numbers;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Governing\Governing;
use DustyJet\Worksheet\Idling\Idling;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Worksheet;

/** How it came and how it goes: the test of the bench, the mixture as it was found and left, the speeds. */
final readonly class BeforeAndAfter
{
    private const UNKNOWN = '–';

    private function __construct(public string $what, public string $before, public string $after)
    {
    }

    /** @return list<self> */
    public static function all(Worksheet $sheet): array
    {
        $holds = $sheet->of(Holds::class)->all;
        $rows = $holds === [] ? [] : [new self(
            ReportStory::test($sheet),
            count($holds) > 1 ? ucfirst(ReportStory::result($holds[0])) : self::UNKNOWN,
            ucfirst(ReportStory::result($holds[count($holds) - 1])),
        )];

        return [...$rows, ...self::screws($sheet->of(Screws::class)), ...self::speeds($sheet)];
    }

    /** @return list<self> those that meter; a stop screw is told by the idle it gives */
    private static function screws(Screws $screws): array
    {
        $turns = static fn (AdjusterState $s, ?Turns $turns): string => $turns === null
            ? self::UNKNOWN
            : Numbers::counted($turns, $s->adjuster->datum());

        return array_values(array_map(
            static fn (AdjusterState $s): self => new self($s->adjuster->name, $turns($s, $s->found), $turns($s, $s->left)),
            $screws->mixture() === [] ? $screws->all : $screws->mixture(),
        ));
    }

    /** @return list<self> */
    private static function speeds(Worksheet $sheet): array
    {
        $idle = $sheet->of(Idling::class)->latest;
        $governed = $sheet->of(Governing::class)->latest;

        return [
            ...$idle === null ? [] : [new self(
                'Idle',
                self::UNKNOWN,
                Numbers::rpm($idle->rpm).' rpm, '.mb_strtolower($idle->manner->title()),
            )],
            ...$governed === null ? [] : [new self('Governed speed, no load', self::UNKNOWN, Numbers::rpm($governed->noLoadRpm).' rpm')],
        ];
    }
}
