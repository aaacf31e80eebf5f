<?php

declare(strict_types=1);

use DustyJet\Carburetor\Station;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Worksheet\Clocks\Clocks;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Run\RunBay;
use DustyJet\Worksheet\Starting\Starting;
use Tests\Core\Worksheet\Bench;

/*
 * The first start after the work. Common practice: an empty bowl or a dry pump takes many pulls; then the plug says
 * whether too much fuel comes or none.
 */

/** @param  list<array{0: string, 1: int|null}>  $tries outcome and pulls */
function pulled(array $tries, string $family = 'float_pilot_jet'): Bench
{
    $bench = new Bench($family);
    foreach ($tries as [$outcome, $pulls]) {
        $bench->add(EntryKind::StartTried, ['outcome' => $outcome] + ($pulls === null ? [] : ['pulls' => $pulls]));
    }

    return $bench;
}

function starting(Bench $bench): Starting
{
    return $bench->sheet()->of(Starting::class);
}

it('counts the pulls that gave nothing, and stops at twenty', function (array $tries, bool $isStuck, string $says): void {
    $starting = starting(pulled($tries));

    expect($starting->isStuck())->toBe($isStuck)->and($starting->advice())->toContain($says);
})->with([
    'none yet' => [[], false, 'In this order'],
    'a few' => [[['nothing', 8]], false, '8 pulls of about 20'],
    'not counted' => [[['nothing', null], ['nothing', null]], false, '10 pulls of about 20'],
    'just not enough' => [[['nothing', 10], ['nothing', 9]], false, '19 pulls of about 20'],
    'enough' => [[['nothing', 10], ['nothing', 10]], true, 'dry the plug and put it back first'],
    'it fired in between' => [[['nothing', 15], ['dies', 2], ['nothing', 15]], false, '15 pulls of about 20'],
    'fires and dies' => [[['dies', 3], ['dies', 3]], false, 'Prime it again'],
    'again and again' => [[['dies', 3], ['dies', 3], ['dies', 1]], true, 'Not a screw'],
    'it runs' => [[['nothing', 19], ['runs', 3]], false, 'Two minutes warm'],
]);

it('sends a machine that does not start back to the faults instead of to its screws', function (): void {
    $stuck = pulled([['nothing', 20]]);
    $move = (new RunBay)->moves($stuck->sheet())[0];
    expect($move->station)->toBe(Station::Intake)->and($move->do)->toContain('does not start');
    $stuck->add(EntryKind::StartTried, ['outcome' => 'runs']);

    expect((new RunBay)->moves($stuck->sheet())[0]->station)->toBe(Station::Run);
});

it('keeps the time of the warm-up from the moment it runs', function (): void {
    $bench = pulled([['dies', 4]]);
    expect($bench->sheet()->of(Clocks::class)->running())->toBe([]);
    $bench->add(EntryKind::StartTried, ['outcome' => 'runs', 'pulls' => 2]);
    $clock = $bench->sheet()->of(Clocks::class)->running()[0];

    expect($clock->clock)->toBe(Starting::CLOCK)
        ->and($clock->minutes)->toBe(2)
        ->and($clock->dueAt()->getTimestamp() - $clock->startedAt->getTimestamp())->toBe(120)
        ->and($bench->sheet()->of(Clocks::class)->holding())->toBeNull();
});

it('starts nothing that is apart', function (): void {
    expect(fn () => (new Bench)->off('air_cleaner', 'throttle_bracket')
        ->refuse(EntryKind::StartTried, ['outcome' => 'runs']))->toThrow(NotAllowedNow::class);
});

it('tells every family how it is started, safety first, the pull with its patience', function (string $id): void {
    $steps = FamilyFiles::shipped()->of($id)->guidance->starting;

    expect($steps[0])->toStartWith('Outdoors')->toContain('clear')
        ->and(array_filter($steps, static fn (string $s): bool => str_starts_with($s, 'Pull') || str_starts_with($s, 'Crank')))
        ->toHaveCount(1)
        ->and(array_unique($steps))->toBe($steps);
})->with(FamilyFiles::shipped()->ids());

it('tells every owner how it is laid up, with a tap or water only where it has or needs one', function (
    string $id,
): void {
    $guidance = FamilyFiles::shipped()->of($id)->guidance;
    $names = static fn (array $steps, string $what): bool => preg_match("/\\b{$what}\\b/i", implode(' ', $steps)) === 1;

    expect($guidance->layUp[0])->toStartWith('Outdoors')->toContain('engine cold')
        ->and($names($guidance->layUp, 'tap'))->toBe($names($guidance->starting, 'tap'))
        ->and($names($guidance->layUp, 'water'))->toBe($names($guidance->starting, 'water'))
        ->and($names($guidance->layUp, 'choke'))->toBe(str_starts_with($id, 'cube'))
        ->and(array_unique($guidance->layUp))->toBe($guidance->layUp)
        ->and(implode(' ', array_slice($guidance->layUp, -1)))->toContain('fresh fuel');
})->with(FamilyFiles::shipped()->ids());
