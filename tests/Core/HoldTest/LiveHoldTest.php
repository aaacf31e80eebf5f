<?php

declare(strict_types=1);

use DustyJet\HoldTest\LiveHold;
use DustyJet\HoldTest\LivePhase;
use DustyJet\HoldTest\Verdict;
use DustyJet\Instrument\GaugeScenario;
use DustyJet\Instrument\StandInGauge;
use Random\Engine\Mt19937;
use Random\Randomizer;

const KPA = 6.894757293168361;

/** @param  callable(float): float  $psi */
function watchedFor(callable $psi, float $seconds, ?float $from = null, float $since = 0.0): LiveHold
{
    $t = range($since, $seconds, 0.1);

    return LiveHold::of($t, array_map(static fn (float $s): float => $psi($s) * KPA, $t), $from);
}

/** Pumped from two to six seconds, then falling by so much a second. */
function pumped(float $fall = 0.0, float $to = 5.0): callable
{
    return static fn (float $t): float => $t < 2.0 ? 0.0 : ($t < 6.0 ? $to * ($t - 2.0) / 4.0 : max(0.0, $to - $fall * ($t - 6.0)));
}

it('waits, follows the pump, and holds once the pressure has stopped rising', function (
    float $seconds,
    LivePhase $phase,
): void {
    expect(watchedFor(pumped(), $seconds)->phase)->toBe($phase);
})->with([
    [0.5, LivePhase::Waiting],
    [1.9, LivePhase::Waiting],
    [4.0, LivePhase::Pumping],
    [7.5, LivePhase::Pumping],
    [8.5, LivePhase::Holding],
    [60.0, LivePhase::Holding],
]);

it('begins the hold where the pumping ended, and again where it was pumped again', function (): void {
    $again = static fn (float $t): float => $t < 30.0 ? pumped(0.05)($t) : ($t < 31.0 ? 3.8 + 1.2 * ($t - 30.0) : 5.0);
    expect(watchedFor(pumped(), 20.0)->from)
        ->toEqualWithDelta(6.1, 0.25)
        ->and(watchedFor($again, 29.0)->from)
        ->toEqualWithDelta(6.1, 0.25)
        ->and(watchedFor($again, 32.0)->phase)
        ->toBe(LivePhase::Pumping)
        ->and(watchedFor($again, 40.0)->from)
        ->toEqualWithDelta(31.1, 0.3)
        ->and(watchedFor($again, 40.0)->heldSeconds)
        ->toEqualWithDelta(8.9, 0.3);
});

it('takes no pump for a noise, a drift or a touch of the hose', function (): void {
    $chance = new Randomizer(new Mt19937(seed()));
    $noisy = static fn (float $t): float => pumped()($t) + 0.05 * ($chance->getInt(-1000, 1000) / 1000) + 0.1 * sin($t / 30.0);
    $touched = static fn (float $t): float => pumped()($t) + (abs($t - 15.0) < 0.06 ? 0.8 : 0.0);

    expect(watchedFor($noisy, 60.0)->from)
        ->toBeLessThan(12.0)
        ->and(watchedFor($touched, 40.0)->from)
        ->toEqualWithDelta(6.1, 0.3);
});

it('knows by its latest readings alone, given when the hold began', function (): void {
    $late = watchedFor(pumped(0.02), 90.0, from: 6.1, since: 60.0);

    expect($late->phase)
        ->toBe(LivePhase::Holding)
        ->and($late->from)
        ->toBe(6.1)
        ->and($late->heldSeconds)
        ->toEqualWithDelta(83.9, 0.11)
        ->and(LiveHold::of([], [])->phase)
        ->toBe(LivePhase::Waiting);
});

it('is let go once an eighth is left', function (): void {
    expect(watchedFor(pumped(2.0), 8.0)->phase)
        ->not->toBe(LivePhase::LetGo)
        ->and(watchedFor(pumped(2.0), 8.8)->phase)
        ->toBe(LivePhase::LetGo);
});

it('is judged after six seconds and not while it is pumped', function (): void {
    expect(watchedFor(pumped(), 11.0)->mayBeJudged())
        ->toBeFalse()
        ->and(watchedFor(pumped(), 13.0)->mayBeJudged())
        ->toBeTrue()
        ->and(watchedFor(pumped(0.0, 0.8), 30.0)->mayBeJudged())
        ->toBeFalse()
        ->and(watchedFor(pumped(), 1.0)->mayBeJudged())
        ->toBeFalse();
});

it('ends when the verdict is clear twice running, a leak later than a hold', function (
    float $seconds,
    float $fall,
    ?Verdict $verdict,
    ?Verdict $before,
    bool $isOver,
): void {
    expect(watchedFor(pumped($fall), $seconds)->isOver($verdict, $before))->toBe($isOver);
})->with([
    [20.0, 0.0, Verdict::Holds, Verdict::Holds, false],
    [28.0, 0.0, Verdict::Holds, Verdict::Holds, true],
    [28.0, 0.0, Verdict::Holds, Verdict::Leaks, false],
    [28.0, 0.0, Verdict::Holds, null, false],
    [28.0, 0.0, null, Verdict::Holds, false],
    [28.0, 0.02, Verdict::Leaks, Verdict::Leaks, false],
    [53.0, 0.02, Verdict::Leaks, Verdict::Leaks, true],
    [30.0, 0.12, Verdict::Leaks, Verdict::Leaks, true],
    [28.0, 0.02, Verdict::HoldsBelow, Verdict::HoldsBelow, true],
    [900.0, 0.0, Verdict::KeepWatching, Verdict::KeepWatching, false],
    [1810.0, 0.0, Verdict::KeepWatching, Verdict::KeepWatching, true],
    [12.0, 2.0, Verdict::Leaks, null, true],
]);

it('says how much longer', function (): void {
    $hold = watchedFor(pumped(), 16.1);

    expect($hold->secondsLeft(Verdict::Holds))
        ->toEqualWithDelta(10.0, 0.3)
        ->and($hold->secondsLeft(Verdict::Leaks))
        ->toEqualWithDelta(35.0, 0.3)
        ->and($hold->secondsLeft(Verdict::KeepWatching))
        ->toBeNull()
        ->and(watchedFor(pumped(), 80.0)->secondsLeft(Verdict::Leaks))
        ->toBe(0.0);
});

it('sees a stand-in pumped up and held, whatever it plays', function (GaugeScenario $scenario): void {
    $gauge = new StandInGauge($scenario, new Randomizer(new Mt19937(seed())));
    $t = range(0.0, 20.0, 0.05);
    $hold = LiveHold::of($t, array_map($gauge->read(...), $t));

    expect($hold->phase)->toBe(LivePhase::Holding)->and($hold->from)->toBeGreaterThan(7.0)->toBeLessThan(13.0);
})->with([
    GaugeScenario::Tight, GaugeScenario::SlowLeak, GaugeScenario::HoldsBelow, GaugeScenario::Settling,
    GaugeScenario::LeakingBarb, GaugeScenario::CheckValveGood,
]);
