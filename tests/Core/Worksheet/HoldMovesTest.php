<?php

declare(strict_types=1);

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\BenchTest\BenchTestBay;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\BenchTest\StoredFit;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Worksheet\Bench;

/** @param  array<string, mixed>  $changes of the stored result */
function undecided(array $changes): string
{
    $bench = (new Bench)->hold(seconds: 30);
    $payload = $bench->entries[1]->payload->toArray();
    $payload['result'] = [...$payload['result'], 'verdict' => 'keep_watching', ...$changes];
    $bench->add(EntryKind::HoldTested, $payload);

    return (new BenchTestBay)->moves($bench->sheet())[0]->do;
}

it('says how long to watch, rounded up to ten seconds, in minutes from two', function (
    float $watched,
    ?float $more,
    string $do,
): void {
    expect(undecided(['duration_s' => $watched, 'watch_more_s' => $more]))->toBe("Watch longer: run {$do}");
})->with([
    [30.0, 20.0, '50 s'], [30.0, 21.0, '60 s'], [30.0, null, '90 s'], [60.0, 59.0, '2 min'],
    [60.0, 50.0, '110 s'], [90.0, 91.0, '4 min'], [60.0, 120.0, '3 min'],
]);

it('refuses curves that it could not draw', function (array $changes, bool $isTaken): void {
    $fit = [...(new Bench)->hold()->entries[1]->payload->toArray()['fit'], ...$changes];
    $isTaken
        ? expect(StoredFit::of($fit)->toArray())->toEqual($fit)
        : expect(fn () => StoredFit::of($fit))->toThrow(UnreadableEntry::class);
})->with([
    'as written' => [[], true],
    'no model' => [['model' => 'none'], false],
    'no shape' => [['shape' => 'none'], false],
    'no method' => [['vacuum' => 'yes'], false],
    'air of a high pass' => [['atmosphere_kpa' => 10.0], true],
    'air of no place' => [['atmosphere_kpa' => 9.9], false],
    'air of a chamber' => [['atmosphere_kpa' => 200.0], true],
    'air beyond it' => [['atmosphere_kpa' => 200.1], false],
    'a number short' => [['best' => [1.0]], false],
    'a word for a number' => [['low' => [1.0, 2.0, 3.0, 'x']], false],
]);

it('takes a rig whose volume is not known to any per cent as exact', function (): void {
    $bench = (new Bench)->hold();
    expect($bench->sheet()->of(Holds::class)->latest()?->setup->volumeKnownToPercent)->toBe(0.0);
    $payload = [...$bench->entries[1]->payload->toArray(), 'volume_u_percent' => 12.5];
    expect($bench->add(EntryKind::HoldTested, $payload)->sheet()->of(Holds::class)->latest()?->setup)
        ->volumeKnownToPercent->toBe(12.5)
        ->volumeMl->toBe(18.0)
        ->limitMlMin->toBe(0.6)
        ->isVacuum->toBeFalse();
});

it('goes on to the wet needle, then to a new one, and is done when it holds', function (): void {
    $keys = fn (Bench $b): array => array_map(fn ($m): string => $m->key, (new BenchTestBay)->moves($b->sheet()));

    expect($keys(new Bench))->toBe(['hold'])
        ->and($keys((new Bench)->hold(4.0)))->toBe(['hold_wet', 'needle'])
        ->and($keys((new Bench)->hold(4.0, wetted: true)))->toBe(['needle', 'hold'])
        ->and($keys((new Bench)->hold()))->toBe([])
        ->and((new Bench)->hold()->sheet()->stations[Station::BenchTest->value]->isDone())->toBeTrue();
});
