<?php

declare(strict_types=1);

use App\View\Stations\Run\GovernedWork;
use App\View\Stations\Run\HeldWork;
use App\View\Stations\Run\IdleWork;
use App\View\Stations\Run\RunWork;
use App\View\Stations\Run\StartWork;
use App\View\Stations\Run\TogetherWork;
use App\View\Stations\StationWork;
use App\View\Stations\Works;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Worksheet\Bench;
use Tests\View\Sheets;

function startOf(Bench $bench): StartWork
{
    return StartWork::of(Sheets::seen($bench, Station::Run));
}

it('offers no start while fuel drips, it races, or the carburetor is apart', function (): void {
    $noted = static fn (string $finding): Bench => (new Bench)
        ->add(EntryKind::FindingNoted, ['finding' => $finding, 'answer' => 'yes']);

    expect(startOf($noted('fuel_dripping'))->notNow)->toEndWith('nothing is started while that stands.')
        ->and(startOf($noted('over_speeds'))->notNow)->toEndWith('nothing is started while that stands.')
        ->and(startOf((new Bench)->off('air_cleaner', 'throttle_bracket'))->notNow)->not->toBe('')
        ->and(startOf($noted('surges'))->notNow)->toBe('');
});

it('holds everything at Run while fuel drips, and says where that is taken back', function (string $screw, string $work): void {
    $seen = static fn (Bench $bench): StationWork => Works::at(Sheets::seen($bench, Station::Run), $screw);
    $dripping = (new Bench)->add(EntryKind::FindingNoted, ['finding' => 'fuel_dripping', 'answer' => 'yes']);
    $held = $seen($dripping);

    expect($seen(new Bench))->toBeInstanceOf($work)
        ->and($held)->toBeInstanceOf(HeldWork::class)
        ->and($held->notNow)->toEndWith('nothing is started while that stands.')
        ->and($held->finding)->toBe('fuel_dripping')
        ->and(array_column(array_filter($held->tabs, static fn (array $t): bool => $t['selected']), 'key'))
        ->toBe([$screw])
        ->and($seen((new Bench)->off('air_cleaner', 'throttle_bracket')))
        ->toBeInstanceOf(HeldWork::class)->finding->toBe('');
    $dripping->add(EntryKind::FindingNoted, ['finding' => 'fuel_dripping', 'answer' => 'no']);

    expect($seen($dripping))->toBeInstanceOf($work);
})->with([
    ['idle_mixture', RunWork::class],
    ['idle', IdleWork::class],
    ['governed', GovernedWork::class],
    ['all', TogetherWork::class],
]);

it('shows what was tried, and the warm-up clock only while it runs', function (): void {
    $bench = (new Bench)->add(EntryKind::StartTried, ['outcome' => 'nothing', 'pulls' => 9]);
    expect(startOf($bench)->tries)->toBe(['9 pulls: nothing'])->and(startOf($bench)->clocks)->toBe([]);
    $bench->add(EntryKind::StartTried, ['outcome' => 'runs']);
    $work = startOf($bench);

    expect($work->tries)->toBe(['9 pulls: nothing', 'it runs'])
        ->and($work->clocks)->toHaveCount(1)
        ->and($work->clocks[0]->name)->toBe('Warm-up')
        ->and($work->tabs[0])->toMatchArray(['key' => 'start', 'note' => 'it runs', 'selected' => true]);
    $bench->add(EntryKind::ClockEnded, ['clock' => $work->clocks[0]->id]);

    expect(startOf($bench)->clocks)->toBe([]);
});
