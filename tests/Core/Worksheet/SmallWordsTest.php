<?php

declare(strict_types=1);

use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Station;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Duration;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\BenchTest\BenchTestBay;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Clean\Inspections;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Photos\Photos;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Triage;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Worksheet\Bench;

it('says a verdict with its reason, or alone', function (): void {
    $bench = (new Bench)->all(Station::Strip)->inspect('needle_tip', 'replace', 'ringed')->inspect('jet_slot');
    $records = $bench->sheet()->of(Inspected::class)->records;

    expect($records['needle_tip']->said(': '))->toBe(Condition::Replace->label().': ringed')
        ->and($records['jet_slot']->said(': '))->toBe(Condition::Sound->label());
});

it('looks at all until the strip is ended, then at what came off and what was judged', function (): void {
    $bench = (new Bench)->count('idle_mixture', '1')->count('idle_speed', '1');
    $keys = fn (): array => array_keys(Inspections::on($bench->sheet()->bench)->all);
    $all = $keys();
    $bench->off('air_cleaner')->inspect('needle_tip')->add(EntryKind::StripEnded, []);

    expect(count($all))->toBeGreaterThan(5)->and($keys())->toBe(['needle_tip']);
});

it('goes through the tests of a family that has no hold test, one after the other', function (): void {
    $bench = new Bench('suction_lift');
    $targets = fn (): array => array_map(fn ($m): string => $m->target, (new BenchTestBay)->moves($bench->sheet()));
    $first = $targets();
    $bench->add(EntryKind::TestDone, ['test' => $first[0], 'passed' => true]);

    expect($bench->family->proof->hold)->toBeNull()
        ->and($targets())->not->toContain($first[0])
        ->and($bench->sheet()->stations['bench-test']->done)->toBe(1);
    $bench->add(EntryKind::TestDone, ['test' => $first[0], 'passed' => false]);
    expect($targets()[0])->toBe($first[0]);
});

it('doubts L when H moves only where H feeds L', function (string $variant, bool $isDoubted): void {
    $bench = (new Bench('cube_opposed', variant: $variant))->count('high', '1')->count('low', '1');
    $bench->set('high', '1')->set('low', '1', 'run')->set('high', '1 1/2');
    $doubted = array_map(fn ($s): string => $s->key, $bench->sheet()->of(Staleness::class)->items());

    expect(in_array('mixture.low', $doubted, true))->toBe($isDoubted);
})->with([['dependent', true], ['independent', false]]);

it('waits for what lies on the tray and is neither back on nor accounted for', function (): void {
    $bench = (new Bench)->count('idle_mixture', '1')->count('idle_speed', '1')->all(Station::Strip);
    $waits = fn (string $part): bool => $bench->sheet()->of(Parts::class)->build->waits($part);
    $number = $bench->sheet()->of(Parts::class)->build->tray->nextNumber();
    expect($waits('float'))->toBeTrue()
        ->and($waits('nothing'))->toBeFalse()
        ->and($number)->toBe(1 + count($bench->sheet()->of(Parts::class)->build->tray->off()));
    $bench->add(EntryKind::PartAccounted, ['part' => 'float', 'became' => 'a new carburetor has its own']);
    expect($waits('float'))->toBeFalse();
    $bench->on($bench->sheet()->of(Parts::class)->build->ready()[0]->key);
    expect($bench->sheet()->of(Parts::class)->build->waits('nothing'))->toBeFalse();
});

it('has the lean edge of an air screw outside and the rich one inside, whatever the school', function (): void {
    $run = array_map(
        static fn (float $t): MixtureReading => new MixtureReading(
            Turns::nearestTo($t),
            RotationalSpeed::ofRpm(1800.0 - 900.0 * log($t / 1.5) ** 2),
        ),
        [0.75, 1.0, 1.25, 1.5, 1.75, 2.0, 2.25],
    );
    $fuel = MixtureRun::judge($run, School::Peak);
    $air = MixtureRun::judge($run, School::Peak, new MixtureScrew(false));

    expect($fuel->edges->leanTurns)->toBeLessThan(1.5)
        ->and($fuel->edges->richTurns)->toBeGreaterThan(1.5)
        ->and($air->edges->leanTurns)->toEqualWithDelta($fuel->edges->richTurns, 0.05)
        ->and($air->edges->richTurns)->toEqualWithDelta($fuel->edges->leanTurns, 0.05);
});

it('counts a minute as sixty seconds', function (): void {
    expect(Duration::ofSeconds(90.0)->inMinutes())->toBe(1.5)
        ->and(Duration::ofMinutes(2.0)->inSeconds())->toBe(120.0);
});

it('keeps a pin where it was put, and on the photo', function (float $across, float $kept): void {
    $bench = new Bench;
    $bench->add(EntryKind::PhotoTaken, [
        'photo' => '00000000-0000-4000-8000-00000000000a',
        'station' => 'clean',
    ]);
    $photo = array_key_first($bench->sheet()->of(Photos::class)->all);
    $bench->add(EntryKind::PhotoPinned, ['photo' => $photo, 'across' => $across, 'down' => 0.25, 'text' => 'here']);
    $pin = array_values($bench->sheet()->of(Photos::class)->all[$photo]->pins)[0];

    expect([$pin->across, $pin->down])->toBe([$kept, 0.25]);
})->with([[0.3, 0.3], [1.4, 1.0], [-0.2, 0.0]]);

it('lists at a station only what went stale there', function (): void {
    $bench = (new Bench('cube_opposed', variant: 'independent'))
        ->set('high', '1', 'run')
        ->set('low', '1', 'run')
        ->off('air_filter', 'fuel_hose', 'throttle_link', 'carburetor');
    $stale = $bench->sheet()->of(Staleness::class);
    $stations = array_map(static fn ($s): Station => $s->station, $stale->items());

    foreach (Station::cases() as $station) {
        $here = array_filter($stations, static fn (Station $s): bool => $s === $station);
        expect($stale->at($station))->toHaveCount(count($here), $station->value);
    }
    expect(count($stations))->toBe(2);
});

it('takes no days for a fact where nobody said any, or where they lie ahead', function (
    array $intake,
    ?int $fuel,
    ?int $stored,
): void {
    $bench = new Bench;
    $bench->entries = [];
    $bench->add(EntryKind::IntakeTaken, [
        'machine' => 'Tilby', 'engine' => '160 cc', 'complaint' => 'floods', 'variant' => 'removable_pilot', 'idle_sense' => 'fuel', ...$intake,
    ]);
    $facts = (new Triage(Knowledge::real(), $bench->sheet()))->case()->facts;

    expect([$facts->fuelAgeDays, $facts->storedDays])->toBe([$fuel, $stored]);
})->with([
    [[], null, null],
    [['fuel_age_days' => 40, 'stored_days' => 0], 40, 0],
    [['fuel_age_days' => -3, 'stored_days' => 90000], null, 36500],
]);
