<?php

declare(strict_types=1);

use DustyJet\Metering\LeverDatum;
use DustyJet\Metering\LeverHeight;
use DustyJet\Metering\LeverVerdict;
use DustyJet\Metering\UnusableLever;

// Common practice: a low lever opens the needle late and little, the engine starves; a high one floods.
it('says low, in or high by the sign of its card, and which way to bend', function (
    float $measured,
    float $target,
    LeverDatum $datum,
    LeverVerdict $verdict,
    float $bend,
    string $effect,
): void {
    $lever = LeverHeight::of($measured, $target, 0.1, $datum, 0.5);

    expect($lever->verdict)
        ->toBe($verdict)
        ->and($lever->error)
        ->toEqualWithDelta($measured - $target, 1e-12)
        ->and($lever->bendTab)
        ->toEqualWithDelta($bend, 1e-12)
        ->and($lever->verdict->effect())
        ->toBe($effect);
})->with([
    // A kart's figures: 1.4 mm deep as found, 1.0 wanted: the lever lies low.
    [1.4, 1.0, LeverDatum::Down, LeverVerdict::Low, 0.2, 'lean'],
    [1.2, 1.0, LeverDatum::Down, LeverVerdict::Low, 0.1, 'lean'],
    [1.0, 1.0, LeverDatum::Down, LeverVerdict::In, 0.0, 'none'],
    [0.7, 1.0, LeverDatum::Down, LeverVerdict::High, -0.15, 'rich'],
    [1.9, 1.6, LeverDatum::Up, LeverVerdict::High, -0.15, 'rich'],
    [1.2, 1.6, LeverDatum::Up, LeverVerdict::Low, 0.2, 'lean'],
    'the edge is in' => [1.1, 1.0, LeverDatum::Down, LeverVerdict::In, 0.0, 'none'],
    'just over it is not' => [1.101, 1.0, LeverDatum::Down, LeverVerdict::Low, 0.0505, 'lean'],
    'flush is a height too' => [-0.2, 0.0, LeverDatum::Up, LeverVerdict::Low, 0.1, 'lean'],
]);

it('refuses a lever that cannot be, by the number that is wrong', function (array $numbers, string $named): void {
    expect(fn () => LeverHeight::of($numbers[0], $numbers[1], $numbers[2], LeverDatum::Up, $numbers[3]))
        ->toThrow(UnusableLever::class, $named);
})->with([
    [[51.0, 1.0, 0.1, 1.0], 'The measured height of the lever cannot be 51'],
    [[1.0, -60.0, 0.1, 1.0], 'The target of the lever cannot be -60'],
    [[1.0, 1.0, -0.1, 1.0], 'The tolerance of the lever cannot be -0.1'],
    [[1.0, 1.0, 0.1, 0.0], 'The arm ratio of the lever cannot be 0'],
    [[NAN, 1.0, 0.1, 1.0], 'The measured height'],
]);
