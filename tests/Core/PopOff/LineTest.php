<?php

declare(strict_types=1);

use DustyJet\PopOff\BrokenLine;
use DustyJet\PopOff\Line;

it('is the line of least squares, seen from a moment', function (): void {
    // y = 1, 3, 4 at 0, 1, 2: slope 1.5, mean 8/3, left 1/6 (Draper and Smith, Applied Regression Analysis, ch. 1).
    $line = Line::through([0.0, 1.0, 2.0], [1.0, 3.0, 4.0], [0, 1, 2], 2.0);

    expect($line->slope)
        ->toEqualWithDelta(1.5, 1e-12)
        ->and($line->mean)
        ->toEqualWithDelta(8 / 3, 1e-12)
        ->and($line->value)
        ->toEqualWithDelta(8 / 3 + 1.5, 1e-12)
        ->and($line->squares)
        ->toEqualWithDelta(1 / 6, 1e-12)
        // Leverage of the end of three: 1/3 + 1/2.
        ->and($line->leverage)
        ->toEqualWithDelta(5 / 6, 1e-12);
});

it('is level through one moment', function (): void {
    $line = Line::through([1.0, 1.0], [2.0, 4.0], [0, 1], 5.0);
    expect([$line->value, $line->slope, $line->leverage, $line->squares])->toBe([3.0, 0.0, 0.5, 2.0]);
});

it('bends at its knots and leaves nothing of what bends there', function (): void {
    $t = [0.0, 1.0, 2.0, 3.0, 4.0, 5.0];
    $kink = array_map(static fn (float $x): float => $x < 2.0 ? $x : 2.0 + 3.0 * ($x - 2.0), $t);
    $ramp = array_map(static fn (float $x): float => 8.0 - 2.0 * max(0.0, min(2.0, $x - 1.0)), $t);

    expect(BrokenLine::squares($t, $kink, [2.0]))
        ->toEqualWithDelta(0.0, 1e-9)
        ->and(BrokenLine::squares($t, $kink, [4.0]))
        ->toBeGreaterThan(1.0)
        ->and(BrokenLine::squares($t, $ramp, [1.0, 3.0]))
        ->toEqualWithDelta(0.0, 1e-9)
        ->and(BrokenLine::squares($t, $ramp, [2.0]))
        ->toBeGreaterThan(0.5);
});
