<?php

declare(strict_types=1);

use App\View\Stations\Run\IdleWork;
use App\View\Stations\Run\StartWork;
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
        ->and(startOf($noted('surges'))->notNow)->toBe('')
        ->and(IdleWork::of(Sheets::seen($noted('fuel_dripping'), Station::Run))->notNow)->not->toBe('')
        ->and(IdleWork::of(Sheets::seen($noted('surges'), Station::Run))->notNow)->toBe('');
});

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
