<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Deed;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\Safety;
use DustyJet\Diagnosis\Season;
use DustyJet\Diagnosis\UnusableCase;
use Tests\Core\Diagnosis\Knowledge;

it('reads a case', function (): void {
    $case = DiagnosisCase::parse(
        Knowledge::real(),
        '{"family":"cube_opposed",
            "facts":{"received_on":"2026-04-12","fuel_bought_on":"2025-09-24","stored_days":150},
            "findings":{"bogs":"yes","hard_to_start":"some","black_smoke":"no"},
            "done":["air_filter_look","carburetor_off","weak_spark"],"unavailable":["lever gauge"]}',
    );

    expect($case->facts)
        ->toEqual(new Facts(200, 150, Season::Spring))
        ->and($case->answers)
        ->toBe(['bogs' => Answer::Yes, 'hard_to_start' => Answer::Some, 'black_smoke' => Answer::No])
        ->and([$case->checksDone, $case->open, $case->repaired, $case->unavailable])
        ->toBe([['air_filter_look'], ['carburetor_off'], ['weak_spark'], ['lever gauge']]);
});

it('says what is wrong with a case', function (string $json, string $message): void {
    expect(fn () => DiagnosisCase::parse(Knowledge::real(), $json))->toThrow(UnusableCase::class, $message);
})->with([
    'no JSON' => ['{', 'not a JSON object'],
    'no family' => ['{"findings":{}}', 'not a JSON object with a family'],
    'an unknown family' => ['{"family":"steam"}', 'no family called "steam"'],
    'an unknown field' => ['{"family":"updraft","finding":{}}', 'no field called "finding"'],
    'an unknown finding' => [
        '{"family":"updraft","findings":{"it_is_haunted":"yes"}}',
        'no finding called "it_is_haunted"',
    ],
    'a finding of another family' => [
        '{"family":"updraft","findings":{"metering_stiff":"yes"}}',
        'metering_stiff does not apply to the family updraft',
    ],
    'an unknown answer' => ['{"family":"updraft","findings":{"surges":"maybe"}}', 'The finding surges takes yes, no'],
    'a grade where there is none' => [
        '{"family":"updraft","findings":{"floods":"some"}}',
        'The finding floods takes yes, no',
    ],
    'an impossible date' => [
        '{"family":"updraft","facts":{"received_on":"2026-02-31"}}',
        'received_on is a date of the calendar',
    ],
    'fuel from the future' => [
        '{"family":"updraft","facts":{"received_on":"2026-02-01","fuel_bought_on":"2026-03-01"}}',
        'fuel_bought_on lies after the day',
    ],
    'a date without its other end' => [
        '{"family":"updraft","facts":{"fuel_bought_on":"2026-03-01"}}',
        'needs received_on',
    ],
    'negative days' => ['{"family":"updraft","facts":{"stored_days":-1}}', 'stored_days is a whole number of days'],
    'days as text' => ['{"family":"updraft","facts":{"stored_days":"many"}}', 'stored_days is a whole number of days'],
    'an unknown fact' => ['{"family":"updraft","facts":{"mood":"bad"}}', 'no fact called "mood"'],
    'an unknown season' => ['{"family":"updraft","facts":{"season":"monsoon"}}', 'season is winter'],
    'an unknown done' => ['{"family":"updraft","done":["prayed"]}', 'no check, access or fault called "prayed"'],
    'an unknown tool' => ['{"family":"updraft","unavailable":["wand"]}', 'no check or tool called "wand"'],
    'no list' => ['{"family":"updraft","done":"all"}', '"done" is a list of names'],
]);

it('knows the seasons by the month', function (string $day, Season $season): void {
    expect(Season::on(new DateTimeImmutable($day)))->toBe($season);
})->with([
    ['2026-12-01', Season::Winter],
    ['2026-02-28', Season::Winter],
    ['2026-03-01', Season::Spring],
    ['2026-08-31', Season::Summer],
    ['2026-11-30', Season::Autumn],
]);

it('multiplies the season, and takes the older of the fuel and the standing', function (): void {
    $fault = Knowledge::real()->faults['stale_fuel'];
    $water = Knowledge::real()->faults['water_in_fuel'];
    $times = fn ($f, Facts $facts): float => $f->odds($facts) / $f->odds(new Facts);

    // Stale fuel: x4 from 90 days of age, x2 from 150 days of standing. Not x8.
    expect($times($fault, new Facts(100, 200)))->toEqualWithDelta(4.0, 1e-9)
        ->and($times($fault, new Facts(10, 200)))->toEqualWithDelta(2.0, 1e-9)
        ->and($times($water, new Facts(null, null, Season::Spring)))->toEqualWithDelta(1.5, 1e-9)
        ->and($times($water, new Facts(null, 200, Season::Spring)))->toEqualWithDelta(4.5, 1e-9)
        ->and($times($water, new Facts(null, null, Season::Winter)))->toEqualWithDelta(1.0, 1e-9);
});

it('knows a fault otherwise where a trait makes it so', function (): void {
    $known = Knowledge::real();
    $of = fn (string $family, string $fault) => $known->faultsOf($known->family($family))[$fault];

    expect($of('float_pilot_jet', 'needle_worn')->shows['fuel_in_oil'])->toBe([0.4])
        ->and($of('float_side_pump', 'needle_worn')->shows['fuel_in_oil'])->toBe([0.05])
        ->and($of('float_fixed_jet', 'main_jet_clogged')->chance)
        ->toBeGreaterThan($of('float_fixed_jet', 'pilot_circuit_blocked')->chance)
        ->and($of('float_pilot_jet', 'pilot_circuit_blocked')->chance)
        ->toBeGreaterThan($of('float_pilot_jet', 'main_jet_clogged')->chance)
        ->and($of('cube_opposed', 'pump_diaphragm_worn')->cure->access)->toBe(['pump_cover_off'])
        ->and($of('float_side_pump', 'pump_diaphragm_worn')->cure->access)->toBe([])
        ->and($of('kart_pumper', 'pump_diaphragm_worn')->cure->access)->toBe(['carburetor_apart'])
        ->and($of('suction_lift', 'main_mixture_lean')->name)->toBe('Main needle set too lean')
        ->and($of('cube_opposed', 'main_mixture_lean')->name)->toBe('Main or H set too lean')
        ->and($known->accessOf($known->family('outboard_bank'))['carburetor_off']->minutes)->toBe(40.0)
        ->and($known->accessOf($known->family('float_pilot_jet'))['carburetor_off']->minutes)->toBe(14.0)
        ->and($known->checksOf($known->family('cube_opposed'))['metering_feel']->needs->access)
        ->toBe(['metering_cover_off']);
});

it('refuses facts or findings that are no lists of names', function (string $json): void {
    expect(fn () => DiagnosisCase::parse(Knowledge::real(), $json))->toThrow(UnusableCase::class);
})->with([
    '{"family": "kart_pumper", "facts": 3, "findings": {"floods": "yes"}}',
    '{"family": "kart_pumper", "facts": {}, "findings": "floods"}',
]);

it('forbids nothing for a finding it does not know', function (): void {
    $safety = Safety::of(Knowledge::real(), ['of_a_newer_knowledge' => Answer::Yes, 'floods' => Answer::No]);

    expect($safety->allows(Deed::cases()))->toBeTrue();
});
