<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Worksheet\BenchTest\HoldRecord;

/** A hold test on paper: readings, the fit with its band, and where a leak of just the limit would run. */
final readonly class StripChart
{
    private const MOST_POINTS = 160;

    /**
     * @param  list<array{x: float, y: float, early: bool}>  $points
     * @param  list<array{y: float, text: string}>  $levels
     * @param  list<array{x: float, text: string}>  $times
     */
    private function __construct(
        public StripPaper $paper,
        public string $unit,
        public array $points,
        public StripLines $lines,
        public float $settleWidth,
        public array $levels,
        public array $times,
        public StripEnds $ends,
        public string $label,
    ) {
    }

    /** @return array{wide: self, narrow: self} the same curves on paper for a screen and for a phone */
    public static function both(HoldRecord $hold, PressureTrace $trace): array
    {
        $curves = StripCurves::of($hold, $trace);

        return [
            'wide' => self::draw($hold, $trace, $curves, 452, 121),
            'narrow' => self::draw($hold, $trace, $curves, 352, 170),
        ];
    }

    /** The readings of the settling or those after it as a path of dots: lines of no length with round ends. */
    public function dots(bool $early): string
    {
        $path = '';
        foreach ($this->points as $point) {
            $path .= $point['early'] === $early ? "M{$point['x']} {$point['y']}h0" : '';
        }

        return $path;
    }

    private static function draw(
        HoldRecord $hold,
        PressureTrace $trace,
        StripCurves $curves,
        int $width,
        int $height,
    ): self {
        $paper = StripPaper::of($curves, Numbers::gaugeUnit($hold->setup->isVacuum), $width, $height);
        $settled = $paper->x->at($hold->outcome->course->settledFromS);

        return new self(
            paper: $paper,
            unit: $paper->unit->symbol(),
            points: self::points($hold, $trace, $paper),
            lines: StripLines::of($curves, $paper),
            settleWidth: max(0.0, $settled - StripPaper::LEFT),
            levels: $paper->levels(),
            times: self::times($curves->durationS, $paper->x),
            ends: StripEnds::of($hold, $curves, $paper),
            label: self::label($hold, $curves, $paper),
        );
    }

    /** @return list<array{x: float, y: float, early: bool}> every so many, where there are too many to be seen apart */
    private static function points(HoldRecord $hold, PressureTrace $trace, StripPaper $paper): array
    {
        $every = (int) max(1, ceil($trace->count() / self::MOST_POINTS));
        $settled = $hold->outcome->course->settledFromS;
        $points = [];
        foreach ($trace->seconds as $i => $t) {
            if ($i % $every === 0) {
                $y = $paper->y->at($trace->kilopascals[$i] / $paper->unit->kilopascals());
                $points[] = ['x' => $paper->x->at($t), 'y' => $y, 'early' => $t < $settled];
            }
        }

        return $points;
    }

    private static function label(HoldRecord $hold, StripCurves $curves, StripPaper $paper): string
    {
        $per = $paper->unit->kilopascals();
        $course = $hold->outcome->course;

        return ($hold->setup->isVacuum ? 'Vacuum' : 'Pressure').' against time: '
            .Numbers::plain(abs($course->startKpa) / $per, 1)." {$paper->unit->symbol()} falling to "
            .Numbers::plain(abs($course->endKpa) / $per, 1).' in '.Numbers::seconds($curves->durationS)
            .', fitted leak '.Numbers::flow($hold->outcome->leak->mlMin).' cc per minute, limit '
            .Numbers::flow($hold->setup->limitMlMin);
    }

    /** @return list<array{x: float, text: string}> */
    private static function times(float $durationS, Scale $x): array
    {
        $step = Steps::within($durationS, 5, [2.0, 5.0, 10.0, 15.0, 30.0, 60.0, 120.0, 300.0, 600.0, 1200.0]);
        $unit = $step >= 60.0 ? ' min' : ' s';
        $times = [];
        for ($i = 0; $i * $step <= $durationS + 1e-6; $i++) {
            $text = (string) ($step >= 60.0 ? $i * $step / 60 : $i * $step);
            $times[] = ['x' => $x->at($i * $step), 'text' => $i === 0 ? $text.$unit : $text];
        }

        return $times;
    }
}
