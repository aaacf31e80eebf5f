<?php

declare(strict_types=1);

use App\View\Stations\Clean\CleanWork;
use App\View\Stations\Strip\StripWork;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Strip\Parts;
use Tests\Core\Worksheet\Bench;
use Tests\View\Sheets;

it('offers all to be sound only when all is off that there is to look at', function (): void {
    $left = static fn (Bench $bench): array => CleanWork::of(Sheets::seen($bench, Station::Clean), '')->left;
    $bench = (new Bench)->off('air_cleaner');
    expect($left($bench))->toBe([]);
    $parts = array_column($bench->sheet()->of(Parts::class)->build->tray->rest(), 'key');
    $left = $left($bench->off(...$parts));

    expect($left)->toHaveKey('needle_tip')->and($left['needle_tip'])->toStartWith('Needle tip under a lens: a smooth cone');
});

it('stops what comes off at once before a screw that nobody counted', function (): void {
    $work = StripWork::of((new Bench)->sheet());
    $counted = StripWork::of((new Bench)->count('idle_mixture', '1 1/2')->sheet());

    expect(array_column($work->rest, 'key'))->not->toContain('idle_mixture_screw')->toContain('main_jet')
        ->and(array_column($counted->rest, 'key'))->toContain('idle_mixture_screw');
});
