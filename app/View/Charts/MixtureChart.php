<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Screws\AdjusterState;

/** Speed over screw position. Lean is always left: for an air screw the turns run backward. View box 936 x 240. */
final readonly class MixtureChart
{
    private const LEFT = 62.0;

    private const RIGHT = 920.0;

    private const TOP = 8.0;

    private const BOTTOM = 194.0;

    private const STEPS = [200.0, 500.0, 1000.0, 2000.0, 5000.0];

    private const MOST_LEVELS = 11.0;

    /**
     * @param  list<array{x: float, y: float, now: bool, label: string}>  $points
     * @param  list<array{y: float, text: string}>  $levels
     * @param  list<array{x: float, text: string, quarter: bool, whole: bool}>  $turns
     * @param  list<array{x: float, side: string}>  $heard by ear alone: lean, clean or rich
     * @param  array{y: float, height: float}  $band of speeds wanted
     * @param  list<array{turns: string, rpm: string}>  $table
     */
    private function __construct(
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
    public static function of(AdjusterState $state, ?MixtureResult $result, array $band): self
    {
        $range = MixtureRange::of($state, $band);
        $x = $state->adjuster->sense->outIsRicher()
            ? Scale::between($range->fromTurns, $range->toTurns, self::LEFT, self::RIGHT)
            : Scale::between($range->toTurns, $range->fromTurns, self::LEFT, self::RIGHT);
        $y = Scale::between($range->lowRpm, $range->highRpm, self::BOTTOM, self::TOP, beyond: 0.05);

        return new self(
            points: self::points($state, $x, $y),
            heard: self::heard($state, $x),
            curve: self::curve($result, $range->lowRpm, $x, $y),
            levels: self::levels($range, $y),
            turns: self::axis($range, $x),
            band: ['y' => $y->at($band[1]), 'height' => max(1.0, $y->at($band[0]) - $y->at($band[1]))],
            leanEdge: $x->inside($result?->edges->leanTurns),
            richEdge: $x->inside($result?->edges->richTurns),
            peak: MixturePeak::of($result, $x, $y),
            marks: MixtureMarks::of($state, $result, $x),
            table: self::table($state),
            label: self::label($state, $result),
        );
    }

    /** @return list<array{x: float, y: float, now: bool, label: string}> */
    private static function points(AdjusterState $state, Scale $x, Scale $y): array
    {
        $ran = self::ran($state);
        $last = count($ran) - 1;

        return array_map(static fn (MixtureReading $r, int $i): array => [
            'x' => $x->at($r->turns->inTurns()),
            'y' => $y->at($r->rpm()),
            'now' => $i === $last,
            'label' => 'now '.Numbers::turns($r->turns),
        ], $ran, array_keys($ran));
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
    private static function levels(MixtureRange $range, Scale $y): array
    {
        $spans = $range->highRpm - $range->lowRpm;
        $step = 100.0;
        foreach (self::STEPS as $wider) {
            $step = $spans > self::MOST_LEVELS * $step ? $wider : $step;
        }
        $level = static fn (float $rpm): array => ['y' => $y->at($rpm), 'text' => Numbers::rpm($rpm)];

        return array_map($level, range(ceil($range->lowRpm / $step) * $step, $range->highRpm, $step));
    }

    /** @return list<array{x: float, text: string, quarter: bool, whole: bool}> */
    private static function axis(MixtureRange $range, Scale $x): array
    {
        $marks = [];
        for ($t = $range->fromTurns; $t <= $range->toTurns + 1e-6; $t += 0.125) {
            $turns = Turns::nearestTo($t);
            $isQuarter = $turns->inUnits() % 12 === 0;
            $marks[] = [
                'x' => $x->at($t),
                'text' => $isQuarter ? Numbers::turns($turns) : '',
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
