<?php

declare(strict_types=1);

namespace App\View\Report;

use App\View\Charts\ChartPaper;
use App\View\Charts\MixtureChart;
use DustyJet\Carburetor\Card;
use DustyJet\Carburetor\InSentence;
use DustyJet\Worksheet\Run\RunSoFar;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Worksheet;

/** How a mixture screw was found its place, as a picture. */
final readonly class ReportRun
{
    /** Two settings are no run. */
    private const FEWEST_READINGS = 3;

    private function __construct(
        public string $title,
        public MixtureChart $chart,
        public MixtureChart $onPhone,
        public bool $outIsRicher,
    ) {
    }

    /** @return list<self> */
    public static function all(Worksheet $sheet): array
    {
        $ran = array_filter(
            $sheet->of(Screws::class)->mixture(),
            static fn (AdjusterState $s): bool => count($s->readings) >= self::FEWEST_READINGS,
        );

        return array_values(array_map(static fn (AdjusterState $s): self => self::of($s, $sheet->family->card), $ran));
    }

    private static function of(AdjusterState $state, Card $card): self
    {
        $isAtTop = $state->adjuster->key === 'high';
        $result = RunSoFar::judged($state, $card);
        $band = ($isAtTop ? $card->topRpm : $card->idleRpm) ?? [0.0, 0.0];

        return new self(
            ($isAtTop ? 'Speed at full throttle by the ' : 'Speed by the ').InSentence::name($state->adjuster->name),
            MixtureChart::of($state, $result, $band),
            MixtureChart::of($state, $result, $band, ChartPaper::phone()),
            $state->adjuster->sense->outIsRicher(),
        );
    }
}
