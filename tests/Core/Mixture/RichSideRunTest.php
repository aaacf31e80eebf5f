<?php

declare(strict_types=1);

use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\NextReason;
use DustyJet\Mixture\RichSide;
use DustyJet\Mixture\RichSideRun;
use DustyJet\Mixture\School;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * H of a two-stroke at full throttle. Common practice: never leaner than the fastest, never above the maker's no-load
 * maximum, left rich of the fastest.
 */

/** @param  list<array{0: float, 1: float}>  $run turns, rpm, in the order taken */
function richSide(array $run, float $maximum = 13000.0, bool $air = false, float $step = 0.125): MixtureResult
{
    $readings = array_map(
        static fn (array $r): MixtureReading => new MixtureReading(
            Turns::nearestTo($r[0]),
            RotationalSpeed::ofRpm($r[1]),
        ),
        $run,
    );

    return RichSideRun::judge($readings, new RichSide(! $air, $step, 0.125, $maximum));
}

it('says where to go, from the rich side only', function (
    array $run,
    bool $air,
    ?float $next,
    NextReason $reason,
): void {
    $result = richSide($run, air: $air);

    expect($result->reason)->toBe($reason)
        ->and($result->nextTurns)->toBe($next)
        ->and($result->done)->toBe($next === null)
        ->and($result->school)->toBe(School::RichSide);
})->with([
    'the first: a quarter richer' => [[[1.0, 12000.0]], false, 1.25, NextReason::FromTheRichSide],
    'an air screw: a quarter in' => [[[1.0, 12000.0]], true, 0.75, NextReason::FromTheRichSide],
    'still faster richer: on' => [[[1.0, 12000.0], [1.25, 12200.0]], false, 1.5, NextReason::FromTheRichSide],
    'hardly slower is not slower' => [[[1.0, 12029.0], [1.25, 12000.0]], false, 1.5, NextReason::FromTheRichSide],
    'slower by thirty: the eighth above the fastest' => [
        [[1.0, 12030.0], [1.25, 12000.0]], false, null, NextReason::RichOfFastest,
    ],
    'a wide gap is halved' => [[[1.0, 12500.0], [1.5, 12000.0]], false, 1.25, NextReason::Narrow],
    'a gap of three eighths too' => [[[1.0, 12500.0], [1.375, 12000.0]], false, 1.25, NextReason::Narrow],
    'leaner by hand, and slower: stop' => [
        [[1.0, 12500.0], [0.75, 12100.0]], false, 1.125, NextReason::LeanOfFastest,
    ],
    'an air screw leaner by hand: stop' => [
        [[1.0, 12500.0], [1.25, 12100.0]], true, 0.875, NextReason::LeanOfFastest,
    ],
    'over the maximum: a quarter richer at once' => [[[1.0, 13001.0]], false, 1.25, NextReason::OverTheMaximum],
    'at the maximum is not over it' => [[[1.0, 13000.0]], false, 1.25, NextReason::FromTheRichSide],
    'over it once, the setting stays forbidden' => [
        [[0.75, 13400.0], [1.0, 12900.0], [1.25, 12500.0]], false, null, NextReason::RichOfFastest,
    ],
    'back to where it was over: stop' => [
        [[1.0, 12900.0], [0.75, 13400.0]], false, 1.0, NextReason::OverTheMaximum,
    ],
]);

it('stops at the readings that were led past the fastest before there was a guard', function (): void {
    // 12,200 at 1, 13,000 at 3/4, 13,500 at 1/2, maximum 13,000: never a quarter more in, never leave it at 1/2.
    $result = richSide([[1.0, 12200.0], [0.75, 13000.0], [0.5, 13500.0]]);
    expect($result->reason)->toBe(NextReason::OverTheMaximum)
        ->and($result->reason->isStop())->toBeTrue()
        ->and($result->nextTurns)->toBe(0.75)
        ->and($result->recommendedTurns)->toBeNull();
    $after = richSide([[1.0, 12200.0], [0.75, 13000.0], [0.5, 13500.0], [0.75, 12990.0]]);
    expect($after->done)->toBeTrue()->and($after->recommendedTurns)->toBe(0.875);
});

it('leaves it rich of the fastest, by the card and by a step at least', function (): void {
    expect(richSide([[1.0, 12500.0], [1.25, 12000.0]])->recommendedTurns)->toBe(1.125)
        ->and(richSide([[0.25, 12500.0], [0.375, 12000.0]], step: 0.0625)->recommendedTurns)->toBe(0.375)
        ->and(richSide([[1.0, 12500.0], [0.75, 12000.0]], air: true)->recommendedTurns)->toBe(0.875);
});

it('steps by sixteenths where the screw is that sensitive, and does not repeat itself near the seat', function (): void {
    expect(richSide([[0.125, 11800.0]], step: 0.0625)->nextTurns)->toBe(0.25)
        ->and(richSide([[0.125, 11800.0], [0.25, 11900.0]], step: 0.0625)->nextTurns)->toBe(0.375)
        ->and(richSide([[0.125, 11900.0], [0.375, 11700.0]], step: 0.0625)->nextTurns)->toBe(0.25);
});

it('knows only a fastest where no maximum is known', function (): void {
    $reading = [new MixtureReading(Turns::nearestTo(1.0), RotationalSpeed::ofRpm(19000.0))];
    expect(RichSideRun::judge($reading, new RichSide(true, 0.125, 0.125, null))->reason)
        ->toBe(NextReason::FromTheRichSide);
});

it('never proposes leaner than the fastest within the maximum, on random engines and hands', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $uniform = fn (float $a, float $b): float => $a + (($b - $a) * $chance->getInt(0, 1_000_000)) / 1_000_000;
    $done = 0;
    for ($engine = 0; $engine < 500; $engine++) {
        $peak = $uniform(0.3, 1.5);
        $top = $uniform(11500.0, 14000.0);
        $run = [];
        $turns = round($uniform(0.25, 2.0) * 8) / 8;
        for ($i = 0; $i < 14; $i++) {
            $run[] = [$turns, max(2000.0, $top - 2500.0 * log($turns / $peak) ** 2 + $uniform(-25.0, 25.0))];
            $result = richSide($run);
            $proposed = $result->nextTurns ?? $result->recommendedTurns;
            $under = array_filter($run, fn (array $r): bool => $r[1] <= 13000.0);
            $over = array_filter($run, fn (array $r): bool => $r[1] > 13000.0);
            // An over-speed is richer than nothing that may be proposed.
            foreach ($over as [$at]) {
                expect($proposed)->toBeGreaterThan($at, "SEED={$seed} engine {$engine}");
            }
            if ($over === []) {
                usort($under, fn (array $a, array $b): int => $b[1] <=> $a[1]);
                expect($proposed)->toBeGreaterThan($under[0][0] - 1e-9, "SEED={$seed} engine {$engine}");
            }
            if ($result->done) {
                $done++;
                break;
            }
            // Now and then a hand goes leaner by itself.
            $turns = $chance->getInt(0, 5) === 0 ? max(0.125, $turns - 0.25) : (float) $result->nextTurns;
        }
    }
    expect($done)->toBeGreaterThan(400, "SEED={$seed}");
});
