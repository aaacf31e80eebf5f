<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\AdjusterState;

/** Speed over screw position. Lean is always left: for an air screw the turns run backward. View box 936 x 240. */
final readonly class MixtureChart
{
    public const WIDTH = 936;

    public const HEIGHT = 240;

    private const LEFT = 62.0;

    private const RIGHT = 920.0;

    private const TOP = 8.0;

    private const BOTTOM = 194.0;

    /**
     * @param  list<array{x: float, y: float, now: bool, label: string}>  $points
     * @param  list<array{y: float, text: string}>  $levels
     * @param  list<array{x: float, text: string, quarter: bool, whole: bool}>  $turns
     * @param  array{y: float, height: float}  $band
     * @param  list<array{turns: string, rpm: string}>  $table
     */
    private function __construct(
        public array $points,
        public string $curve,
        public array $levels,
        public array $turns,
        public ?float $leanEdge,
        public ?float $richEdge,
        public array $band,
        public ?float $peakX,
        public ?float $peakY,
        public float $peakLabelY,
        public string $peakText,
        public ?float $nextX,
        public string $nextText,
        public ?float $bookX,
        public ?float $foundX,
        public array $table,
        public string $label,
    ) {
    }

    /** @param  array{0: float, 1: float}  $band of speeds wanted */
    public static function of(AdjusterState $state, ?MixtureResult $result, array $band): self
    {
        $turns = array_map(static fn ($r): float => $r->turns->inTurns(), $state->readings);
        $rpm = array_map(static fn ($r): float => $r->speed->inRpm(), $state->readings);
        $book = $state->adjuster->baseline->inTurns();
        $from = floor((min([...$turns, $book]) - 0.3) * 4.0) / 4.0;
        $to = ceil((max([...$turns, $book]) + 0.3) * 4.0) / 4.0;
        $from = max(0.0, $from);
        $low = floor((min([...$rpm, $band[0]]) - 40.0) / 100.0) * 100.0;
        $high = ceil((max([...$rpm, $band[1]]) + 40.0) / 100.0) * 100.0;
        $outIsRicher = $state->adjuster->sense->outIsRicher();
        $x = static fn (float $t): float => round(self::LEFT + (self::RIGHT - self::LEFT) * ($outIsRicher ? ($t - $from) / ($to - $from) : ($to - $t) / ($to - $from)), 1);
        $y = static fn (float $r): float => round(self::BOTTOM - (self::BOTTOM - self::TOP) * max(-0.05, min(1.05, ($r - $low) / ($high - $low))), 1);
        $inside = static fn (?float $t): ?float => $t === null || $t < $from || $t > $to ? null : $x($t);
        $curve = $result === null ? [] : array_filter($result->curve, static fn (array $p): bool => $p[1] >= $low);
        $next = $result === null ? null : $result->nextTurns ?? $result->recommendedTurns;
        $isDone = $result !== null && $result->done;
        $last = count($turns) - 1;

        return new self(
            points: array_map(static fn (float $t, float $r, int $i): array => ['x' => $x($t), 'y' => $y($r), 'now' => $i === $last, 'label' => 'now '.Numbers::turns(Turns::nearestTo($t))], $turns, $rpm, array_keys($turns)),
            curve: $curve === [] ? '' : 'M'.implode('L', array_map(static fn (array $p): string => $x($p[0]).' '.$y($p[1]), $curve)),
            levels: array_map(static fn (float $v): array => ['y' => $y($v), 'text' => Numbers::rpm($v)], range($low, $high, ($high - $low) > 800 ? 200.0 : 100.0)),
            turns: self::axis($from, $to, $x),
            leanEdge: $inside($result?->leanEdgeTurns),
            richEdge: $inside($result?->richEdgeTurns),
            band: ['y' => $y($band[1]), 'height' => max(1.0, $y($band[0]) - $y($band[1]))],
            peakX: $inside($result?->peakTurns),
            peakY: $result?->peakRpm === null ? null : $y($result->peakRpm),
            peakLabelY: $result?->peakRpm === null ? 0.0 : max(22.0, $y($result->peakRpm) - 18.0),
            peakText: $result?->peakRpm === null ? '' : 'fastest '.Numbers::rpm($result->peakRpm),
            nextX: $inside($next),
            nextText: $next === null ? '' : ($isDone ? 'leave at ' : 'next ').Numbers::turns(Turns::nearestEighthTo($next)),
            bookX: $inside($book),
            foundX: $inside($state->found?->inTurns()),
            table: array_map(static fn ($r): array => ['turns' => Numbers::turns($r->turns), 'rpm' => Numbers::rpm($r->speed->inRpm())], $state->readings),
            label: "Idle rpm against {$state->adjuster->name}, ".count($turns).' readings'.($result?->peakTurns === null ? ', no peak between them yet' : ', fastest near '.Turns::nearestEighthTo($result->peakTurns)),
        );
    }

    /**
     * @param  callable(float): float  $x
     *
     * @return list<array{x: float, text: string, quarter: bool, whole: bool}>
     */
    private static function axis(float $from, float $to, callable $x): array
    {
        $marks = [];
        for ($t = $from; $t <= $to + 1e-6; $t += 0.125) {
            $turns = Turns::nearestTo($t);
            $quarter = $turns->inUnits() % 12 === 0;
            $marks[] = ['x' => $x($t), 'text' => $quarter ? Numbers::turns($turns) : '', 'quarter' => $quarter, 'whole' => $turns->fraction() === ''];
        }

        return $marks;
    }
}
