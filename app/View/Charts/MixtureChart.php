<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Screws\AdjusterState;

/** Speed over screw position. Lean is always left: for an air screw the turns run backward. */
final readonly class MixtureChart
{
    private const STEPS = [200.0, 500.0, 1000.0, 2000.0, 5000.0];

    private const LEVEL_HEIGHT = 22.0;

    /** A label beside a point takes so much. */
    private const LABEL_WIDTH = 78.0;

    private const LABEL_HEIGHT = 18.0;

    /** Two labels of the turns nearer than this run into each other. */
    private const TURNS_WIDTH = 44.0;

    /**
     * @param  list<array{x: float, y: float, now: bool, label: string, labelY: float, isLeft: bool}>  $points
     * @param  list<array{y: float, text: string}>  $levels
     * @param  list<array{x: float, text: string, quarter: bool, whole: bool}>  $turns
     * @param  list<array{x: float, side: string}>  $heard by ear alone: lean, clean or rich
     * @param  array{y: float, height: float}  $band of speeds wanted
     * @param  list<array{turns: string, rpm: string}>  $table
     */
    private function __construct(
        public ChartPaper $on,
        public array $points,
        public array $heard,
        public string $curve,
        public array $levels,
        public array $turns,
        public array $band,
        public ?float $leanEdge,
        public ?float $richEdge,
        public ?MixturePeak $peak,
        public MixtureMarks $marks,
        public array $table,
        public string $label,
    ) {
    }

    /** @param  array{0: float, 1: float}  $band of speeds wanted, rpm */
    public static function of(AdjusterState $state, ?MixtureResult $result, array $band, ?ChartPaper $on = null): self
    {
        $on ??= ChartPaper::wide();
        $range = MixtureRange::of($state, $band);
        $x = $state->adjuster->sense->outIsRicher()
            ? Scale::between($range->fromTurns, $range->toTurns, $on->left, $on->right)
            : Scale::between($range->toTurns, $range->fromTurns, $on->left, $on->right);
        $y = Scale::between($range->lowRpm, $range->highRpm, $on->bottom, $on->top, beyond: 0.05);

        return new self(
            on: $on,
            points: self::points($state, $x, $y, $on),
            heard: self::heard($state, $x),
            curve: self::curve($result, $range->lowRpm, $x, $y),
            levels: self::levels($range, $y, $on),
            turns: self::axis($range, $x, $on),
            band: ['y' => $y->at($band[1]), 'height' => max(1.0, $y->at($band[0]) - $y->at($band[1]))],
            leanEdge: $x->inside($result?->edges->leanTurns),
            richEdge: $x->inside($result?->edges->richTurns),
            peak: MixturePeak::of($result, $x, $y),
            marks: MixtureMarks::of($state, $result, $x, self::nextY($state, $result, $x, $y, $on), $on),
            table: self::table($state),
            label: self::label($state, $result),
        );
    }

    /** @return list<array{x: float, y: float, now: bool, label: string, labelY: float, isLeft: bool}> */
    private static function points(AdjusterState $state, Scale $x, Scale $y, ChartPaper $on): array
    {
        $ran = self::ran($state);
        $last = count($ran) - 1;

        $points = array_map(static fn (MixtureReading $r, int $i): array => [
            'x' => $x->at($r->turns->inTurns()),
            'y' => $y->at($r->rpm()),
            'now' => $i === $last,
            'label' => 'now '.Numbers::turns($r->turns),
            'labelY' => $y->at($r->rpm()) + ($y->at($r->rpm()) + 36.0 > $on->bottom ? -14.0 : 22.0),
            'isLeft' => false,
        ], $ran, array_keys($ran));
        if ($last > 0) {
            $points[$last] = self::beside($points[$last], array_slice($points, 0, -1), $on);
        }

        return $points;
    }

    /**
     * With its label on the side where no other point lies; without one where there is none.
     *
     * @param  array{x: float, y: float, now: bool, label: string, labelY: float, isLeft: bool}  $now
     * @param  list<array{x: float, y: float, now: bool, label: string, labelY: float, isLeft: bool}>  $others
     *
     * @return array{x: float, y: float, now: bool, label: string, labelY: float, isLeft: bool}
     */
    private static function beside(array $now, array $others, ChartPaper $on): array
    {
        $isFree = static fn (float $from, float $to): bool => $from >= $on->left && $to <= $on->right
            && array_filter($others, static fn (array $p): bool => $p['x'] > $from - 8.0 && $p['x'] < $to + 8.0
                && abs($p['y'] - $now['labelY'] + 5.0) < self::LABEL_HEIGHT) === [];

        return match (true) {
            $isFree($now['x'] + 12.0, $now['x'] + self::LABEL_WIDTH) => $now,
            $isFree($now['x'] - self::LABEL_WIDTH, $now['x'] - 12.0) => [...$now, 'isLeft' => true],
            default => [...$now, 'label' => ''],
        };
    }

    /** @return list<array{x: float, side: string}> */
    private static function heard(AdjusterState $state, Scale $x): array
    {
        $byEar = array_values(array_filter($state->readings, static fn (MixtureReading $r): bool => $r->isByEar()));

        return array_map(static fn (MixtureReading $r): array => [
            'x' => $x->at($r->turns->inTurns()),
            'side' => ['lean', 'clean', 'rich'][1 + ($r->side() ?? 0)],
        ], $byEar);
    }

    /** Of the flag at the next setting: on the axis, or above it where that would hide a point. */
    private static function nextY(
        AdjusterState $state,
        ?MixtureResult $result,
        Scale $x,
        Scale $y,
        ChartPaper $on,
    ): float {
        $next = $x->inside(MixtureMarks::next($result));
        $low = $on->bottom - MixtureMarks::ABOVE_AXIS;
        if ($next === null) {
            return $low;
        }
        $peak = MixturePeak::of($result, $x, $y);
        $flag = MixtureMarks::flagX($next, $on);
        $taken = [
            ...array_map(static fn (MixtureReading $r): array => [
                $x->at($r->turns->inTurns()), $r->isByEar() ? $on->bottom - 22.0 : $y->at($r->rpm()), 10.0,
            ], array_filter($state->readings, static fn (MixtureReading $r): bool => ! $r->hasDied())),
            ...$peak === null ? [] : [[$peak->x, $peak->labelY - 5.0, 60.0]],
        ];
        $isFree = static fn (float $at): bool => array_filter(
            $taken,
            static fn (array $t): bool => self::isHidden($t, $flag, $at),
        ) === [];
        $free = array_filter([$low, $on->top + 4.0, $low - 24.0, $low - 48.0], $isFree);

        return array_values($free)[0] ?? $low;
    }

    /**
     * By a flag that stands there.
     *
     * @param  array{0: float, 1: float, 2: float}  $what its middle, and half its width
     */
    private static function isHidden(array $what, float $flagX, float $flagY): bool
    {
        [$x, $y, $half] = $what;

        return abs($x - $flagX) < MixtureMarks::HALF_FLAG + $half
            && $y > $flagY - 12.0 && $y < $flagY + MixtureMarks::FLAG_HEIGHT + 12.0;
    }

    /** @return list<MixtureReading> those at which it ran */
    private static function ran(AdjusterState $state): array
    {
        return array_values(array_filter($state->readings, static fn (MixtureReading $r): bool => $r->speed !== null));
    }

    private static function curve(?MixtureResult $result, float $lowRpm, Scale $x, Scale $y): string
    {
        $points = [];
        foreach ($result->curve ?? [] as [$turns, $rpm]) {
            if ($rpm >= $lowRpm) {
                $points[] = "{$x->at($turns)} {$y->at($rpm)}";
            }
        }

        return $points === [] ? '' : 'M'.implode('L', $points);
    }

    /** @return list<array{y: float, text: string}> */
    private static function levels(MixtureRange $range, Scale $y, ChartPaper $on): array
    {
        $spans = $range->highRpm - $range->lowRpm;
        $most = floor($on->plotHeight() / self::LEVEL_HEIGHT);
        $step = 100.0;
        foreach (self::STEPS as $wider) {
            $step = $spans > $most * $step ? $wider : $step;
        }
        $level = static fn (float $rpm): array => ['y' => $y->at($rpm), 'text' => Numbers::rpm($rpm)];

        return array_map($level, range(ceil($range->lowRpm / $step) * $step, $range->highRpm, $step));
    }

    /** @return list<array{x: float, text: string, quarter: bool, whole: bool}> */
    private static function axis(MixtureRange $range, Scale $x, ChartPaper $on): array
    {
        $isTight = 0.25 * $on->plotWidth() / ($range->toTurns - $range->fromTurns) < self::TURNS_WIDTH;
        $marks = [];
        for ($t = $range->fromTurns; $t <= $range->toTurns + 1e-6; $t += 0.125) {
            $turns = Turns::nearestTo($t);
            $isQuarter = $turns->inUnits() % 12 === 0;
            $marks[] = [
                'x' => $x->at($t),
                'text' => $turns->inUnits() % ($isTight ? 24 : 12) === 0 ? Numbers::turns($turns) : '',
                'quarter' => $isQuarter,
                'whole' => $turns->fraction() === '',
            ];
        }

        return $marks;
    }

    /** @return list<array{turns: string, rpm: string}> */
    private static function table(AdjusterState $state): array
    {
        return array_map(static fn (MixtureReading $r): array => [
            'turns' => Numbers::turns($r->turns),
            'rpm' => match (true) {
                $r->hasDied() => 'died',
                $r->speed === null => 'by ear',
                default => Numbers::rpm($r->rpm()),
            },
            'heard' => implode(', ', array_map(static fn (Mark $m): string => $m->title(), $r->marks)),
        ], $state->readings);
    }

    private static function label(AdjusterState $state, ?MixtureResult $result): string
    {
        $peak = $result?->peak?->turns;
        $said = $peak === null ? 'no peak between them yet' : 'fastest near '.Turns::nearestEighthTo($peak);
        $count = count($state->readings);

        return "Idle rpm against {$state->adjuster->name}, {$count} readings, {$said}";
    }
}
