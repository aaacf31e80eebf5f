<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Answer;
use DustyJet\Engine\RandomEngine;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\UnusableEngine;
use DustyJet\Numerics\Chance;
use DustyJet\Practice\SickEngine;
use DustyJet\Practice\Symptoms;
use DustyJet\Practice\Technician;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;

/** @param  array<string, float>  $faults */
function sick(int $seed, Stroke $stroke, array $faults): SickEngine
{
    return new SickEngine(RandomEngine::of(new Randomizer(new Mt19937($seed)), $stroke), $faults);
}

it('has nothing to complain of when it is well', function (): void {
    $seed = seed();
    foreach (Knowledge::real()->families as $i => $kind) {
        $stroke = in_array('two_stroke', $kind->traits, true) ? Stroke::Two : Stroke::Four;
        $well = Technician::at(sick($seed, $stroke, []), new Chance(new Randomizer(new Mt19937($seed))));

        expect($well->complaints(Knowledge::real()->findingsOf($kind)))->toBe([], "SEED={$seed} {$i}");
    }
});

/**
 * Common practice: what the trade expects of each fault, whatever the size of the engine. Of ten engines, in how many at
 * least, or at most.
 */
it('shows what its trade says it shows', function (Stroke $stroke, array $faults, string $finding, int $least, int $most): void {
    $shows = 0;
    for ($i = 0; $i < 10; $i++) {
        $shows += (new Symptoms(sick(700 + $i, $stroke, $faults)))->of($finding)?->isThere() === true ? 1 : 0;
    }

    expect($shows)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
})->with([
    'a plugged pilot does not idle' => [Stroke::Four, ['pilot_circuit_blocked' => 0.9], 'will_not_idle', 8, 10],
    'and pulls' => [Stroke::Four, ['pilot_circuit_blocked' => 0.6], 'no_power', 0, 2],
    'a plugged main jet has no power' => [Stroke::Four, ['main_jet_clogged' => 0.6], 'no_power', 9, 10],
    'and is better with some choke' => [Stroke::Four, ['main_jet_clogged' => 0.5], 'better_with_choke', 6, 10],
    'and makes no smoke' => [Stroke::Four, ['main_jet_clogged' => 0.5], 'black_smoke', 0, 0],
    'a clogged filter smokes' => [Stroke::Four, ['air_filter_clogged' => 0.75], 'black_smoke', 7, 10],
    'and wants less fuel' => [Stroke::Two, ['air_filter_clogged' => 0.75], 'better_quarter_in', 5, 10],
    'a choke left on smokes' => [Stroke::Two, ['choke_left_on' => 0.8], 'black_smoke', 8, 10],
    'a choke that stays open starts hard' => [Stroke::Two, ['choke_does_not_close' => 0.9], 'hard_to_start', 9, 10],
    'and runs well once it runs' => [Stroke::Two, ['choke_does_not_close' => 0.9], 'no_power', 0, 0],
    'a cracked float floods' => [Stroke::Four, ['float_cracked' => 0.8], 'floods', 10, 10],
    'and wets the plug' => [Stroke::Four, ['float_cracked' => 0.8], 'plug_wet', 10, 10],
    'an air leak changes when it is sprayed' => [Stroke::Two, ['intake_air_leak' => 0.8], 'changes_when_sprayed', 10, 10],
    'and shows at idle only' => [Stroke::Two, ['intake_air_leak' => 0.8], 'only_at_idle', 8, 10],
    'a dirty jet does not' => [Stroke::Two, ['high_circuit_blocked' => 0.8], 'changes_when_sprayed', 0, 0],
    'a leaking check valve is bad at idle only' => [Stroke::Two, ['check_valve_leaking' => 0.9], 'only_at_idle', 8, 10],
    'stale fuel starts hard' => [Stroke::Four, ['stale_fuel' => 0.9], 'hard_to_start', 10, 10],
    'and fires on a prime' => [Stroke::Four, ['stale_fuel' => 0.9], 'fires_on_priming', 10, 10],
    'low compression starts hard' => [Stroke::Four, ['low_compression' => 0.9], 'hard_to_start', 10, 10],
    'and no prime helps' => [Stroke::Four, ['low_compression' => 0.9], 'fires_on_priming', 0, 0],
    'a short supply fades' => [Stroke::Two, ['fuel_filter_clogged' => 0.75], 'fades_when_worked', 8, 10],
    'and idles' => [Stroke::Two, ['fuel_filter_clogged' => 0.75], 'will_not_idle', 0, 2],
    'a lean governed engine surges' => [Stroke::Four, ['main_jet_clogged' => 0.45], 'surges', 2, 10],
    'a blocked tank vent fades' => [Stroke::Four, ['tank_vent_blocked' => 0.75], 'fades_when_worked', 8, 10],
    'and runs on with the cap loose' => [Stroke::Four, ['tank_vent_blocked' => 0.75], 'better_with_cap_loose', 10, 10],
    'a blocked line does not' => [Stroke::Four, ['fuel_line_blocked' => 0.75], 'better_with_cap_loose', 0, 0],
    'a weak spark is seen' => [Stroke::Four, ['weak_spark' => 0.8], 'spark_poor', 10, 10],
    'and starts hard' => [Stroke::Four, ['weak_spark' => 0.8], 'hard_to_start', 10, 10],
    'a main screw set rich wants less' => [Stroke::Two, ['main_mixture_rich' => 0.9], 'better_quarter_in', 6, 10],
    'a saw has no governor' => [Stroke::Two, ['high_circuit_blocked' => 0.45], 'surges', 0, 0],
]);

it('has breathed in by the morning, and starts as if its tank vent were open', function (): void {
    $shut = sick(7, Stroke::Four, ['tank_vent_blocked' => 1.0]);
    $blocked = sick(7, Stroke::Four, ['fuel_line_blocked' => 1.0]);

    expect($shut->coldShare())->toBe(1.0)->and($shut->wideOpen()->isStalled())->toBeTrue()
        ->and($blocked->coldShare())->toBeLessThan(0.5);
});

it('lets nobody see a fault but by its part', function (): void {
    $findings = Knowledge::real()->findings;
    $sick = sick(3, Stroke::Four, ['main_jet_clogged' => 0.8]);
    $seen = ['yes' => 0, 'no' => 0, 'imagined' => 0];
    for ($i = 0; $i < 200; $i++) {
        $technician = Technician::at($sick, new Chance(new Randomizer(new Mt19937($i))));
        $answer = $technician->answer($findings['main_jet_dark']);
        $seen[$answer === Answer::Yes ? 'yes' : 'no']++;
        $seen['imagined'] += $technician->answer($findings['pilot_jet_dark']) === Answer::Yes ? 1 : 0;
        expect($technician->answer($findings['since_rebuild']))->toBe(Answer::CannotTell)
            ->and($technician->answer($findings['bowl_dirty']))->toBe(Answer::CannotTell);
    }

    expect($seen['yes'])->toBeGreaterThan(180)->and($seen['no'])->toBeGreaterThan(0)
        ->and($seen['imagined'])->toBeLessThan(10);
});

it('says that there is no such fault', function (): void {
    expect(static fn (): SickEngine => sick(1, Stroke::Two, ['bad_luck' => 1.0]))->toThrow(UnusableEngine::class)
        ->and(static fn (): SickEngine => sick(1, Stroke::Two, ['stale_fuel' => 1.5]))->toThrow(UnusableEngine::class);
});
