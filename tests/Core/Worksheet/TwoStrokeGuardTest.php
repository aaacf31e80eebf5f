<?php

declare(strict_types=1);

use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Deed;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Run\RunBay;
use DustyJet\Worksheet\Run\RunSoFar;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Triage;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Worksheet\Bench;

function sawAtRun(string $family = 'cube_opposed'): Bench
{
    return (new Bench($family))->count('high', '1')->count('low', '1')->count('idle_speed', '1');
}

it('refuses peak and midpoint for H of a two-stroke, and only there', function (string $family): void {
    $bench = sawAtRun($family);
    foreach (['peak', 'midpoint'] as $school) {
        expect(fn () => $bench->refuse(EntryKind::SchoolChosen, ['adjuster' => 'high', 'school' => $school]))
            ->toThrow(NotAllowedNow::class);
        $bench->refuse(EntryKind::SchoolChosen, ['adjuster' => 'low', 'school' => $school]);
    }
    expect(fn () => $bench->refuse(EntryKind::SchoolChosen, ['adjuster' => 'low', 'school' => 'rich_side']))
        ->toThrow(NotAllowedNow::class);
    expect($bench->sheet()->of(Screws::class)->named('high')->school)->toBe(School::Flutter);
})->with(['cube_opposed', 'cube_stacked', 'kart_pumper']);

it('passes over a peak that an old log taught to H', function (): void {
    $bench = sawAtRun()->add(EntryKind::SchoolChosen, ['adjuster' => 'high', 'school' => 'peak']);
    expect($bench->sheet()->of(Screws::class)->named('high')->school)->toBe(School::Flutter);
});

it('says stop above the maker\'s maximum and turns it richer', function (): void {
    $bench = sawAtRun()->read('high', '1', 12200)->read('high', '3/4', 13000)->read('high', '1/2', 13500);
    $state = $bench->sheet()->of(Screws::class)->named('high');
    expect(RunSoFar::judged($state, $bench->family->card)->reason->isStop())->toBeTrue();
    $move = (new RunBay)->moves($bench->sheet())[0];
    expect($move->do)->toBe('Stop. Turn it out to 3/4. Log the rpm.')
        ->and($move->why)->toContain('Above the maker');
});

it('sets H of a kart by sixteenths', function (): void {
    $bench = sawAtRun('kart_pumper');
    $ofH = fn (): string => array_values(array_filter(
        (new RunBay)->moves($bench->sheet()),
        fn ($m): bool => $m->target === 'high',
    ))[0]->do;
    $bench->set('high', '1/8')->read('high', '1/8', 11800);
    expect($ofH())->toBe('Turn it out to 1/4. Log the rpm.');
    $bench->read('high', '1/4', 11600);
    expect($ofH())->toBe('Turn it in to 3/16. Log the rpm.');
    $bench->read('high', '3/16', 11760)->read('high', '3/16', 11740);
    expect($ofH())->toStartWith('Leave the H needle at ');
});

it('puts a stop of the run before all other work, whatever else is open', function (): void {
    $bench = sawAtRun()
        ->add(EntryKind::FindingNoted, ['finding' => 'no_power', 'answer' => 'strong'])
        ->add(EntryKind::WaitBegan, ['for' => 'part', 'what' => 'air filter'])
        ->read('high', '1', 12200)
        ->read('high', '1/2', 13500);
    $moves = $bench->sheet()->moves((new Triage(Knowledge::real(), $bench->sheet()))->diagnosis());

    expect($moves[0]->do)
        ->toStartWith('Stop. Turn it out')
        ->and(array_unique(array_map(static fn ($m): string => "{$m->key} {$m->target}", $moves)))
        ->toHaveCount(count($moves));
});

it('leaves H of a two-stroke nowhere but richer than its fastest', function (string $family, string $at, bool $may): void {
    $bench = sawAtRun($family)->set('high', '1')->read('high', '1', 12800)->read('high', '1 1/8', 12500);
    $leave = ['adjuster' => 'high', 'units' => Turns::parse($at)->inUnits(), 'station' => 'run'];
    $may
        ? expect($bench->refuse(EntryKind::ScrewSet, $leave))->toBeNull()
        : expect(fn () => $bench->refuse(EntryKind::ScrewSet, $leave))
            ->toThrow(NotAllowedNow::class, 'ran fastest at 1, 12,800 rpm');
    // At Set, before the engine runs, and on L it is anybody's.
    $bench->refuse(EntryKind::ScrewSet, [...$leave, 'station' => 'set']);
    $bench->read('low', '1', 3000)->refuse(EntryKind::ScrewSet, [...$leave, 'adjuster' => 'low']);
})->with([
    ['cube_opposed', '7/8', false],
    ['cube_opposed', '1', false],
    ['cube_opposed', '1 1/8', true],
    ['kart_pumper', '1', false],
    ['kart_pumper', '1 1/16', true],
]);

it('says no stop of a run on a carburetor that lies on the tray, nor one that forbids to run', function (): void {
    $bench = sawAtRun()->read('high', '1', 12200)->read('high', '1/2', 13500);
    $first = fn () => $bench->sheet()->moves(null, (new Triage(Knowledge::real(), $bench->sheet()))->safety())[0];
    expect($first()->do)->toStartWith('Stop.');

    $bench->add(EntryKind::FindingNoted, ['finding' => 'fuel_dripping', 'answer' => 'yes']);
    expect($first()->key)->toBe('danger');
    $bench->add(EntryKind::FindingNoted, ['finding' => 'fuel_dripping', 'answer' => 'no'])->off('air_filter', 'fuel_hose');
    expect($first()->do)->not->toStartWith('Stop.');
});

it('starts H of a two-stroke nowhere leaner than its book', function (string $family, string $at, bool $may): void {
    $state = sawAtRun($family)->sheet()->of(Screws::class)->named('high');
    expect($state->mayStartAt(Turns::parse($at)))->toBe($may)
        // Another screw may be tried anywhere.
        ->and(sawAtRun($family)->sheet()->of(Screws::class)->named('low')->mayStartAt(Turns::parse('0')))->toBeTrue();
})->with([
    ['cube_opposed', '1/2', false],
    ['cube_opposed', '1', true],
    ['cube_opposed', '2', true],
    ['kart_pumper', '0', false],
]);

it('goes back to no setting that made up for something', function (): void {
    $state = (new Bench)->count('idle_mixture', '4')->sheet()->of(Screws::class)->named('idle_mixture');
    expect($state->isFoundFarOut())
        ->toBeTrue()
        ->and($state->mayStartAt(Turns::parse('4')))
        ->toBeFalse()
        ->and($state->mayStartAt(Turns::parse('1 3/4')))
        ->toBeTrue();
    $near = (new Bench)->count('idle_mixture', '1 3/4')->sheet()->of(Screws::class)->named('idle_mixture');
    expect($near->mayStartAt(Turns::parse('1 3/4')))->toBeTrue();
});

it('says stop first in any order of readings, exactly where the last was over or lean of the fastest', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $said = ['stop' => 0, 'go on' => 0];
    for ($round = 0; $round < 150; $round++) {
        $bench = sawAtRun();
        $most = $bench->family->card->topRpm[1];
        /** @var array<int, float> $fastest rpm by eighths out */
        $fastest = [];
        for ($i = $chance->getInt(1, 5); $i > 0; $i--) {
            $eighths = $chance->getInt(2, 16);
            $rpm = (float) $chance->getInt((int) $most - 1500, (int) $most + ($round % 2 === 0 ? 0 : 400));
            $bench->read('high', "{$eighths}/8", $rpm);
            $fastest[$eighths] = max($rpm, $fastest[$eighths] ?? 0.0);
        }
        $isOut = $chance->getInt(0, 3) === 0;
        $bench = $isOut ? $bench->off('air_filter', 'fuel_hose') : $bench;
        $move = $bench->sheet()->moves(null, (new Triage(Knowledge::real(), $bench->sheet()))->safety())[0];
        $context = "SEED={$seed} round {$round}";

        // Reckoned from what was typed: lean of the fastest that ran within the maximum, or over it.
        ksort($fastest);
        $over = array_keys(array_filter($fastest, static fn (float $r): bool => $r > $most));
        $within = array_filter($fastest, static fn (int $e): bool => $over === [] || $e > max($over), ARRAY_FILTER_USE_KEY);
        $best = $within === [] ? null : max(array_keys($within, max($within), true));
        $mustStop = ! $isOut && ($rpm > $most || $best === null || $eighths < $best);
        expect(str_starts_with($move->do, 'Stop.'))->toBe($mustStop, $context);
        $said[$mustStop ? 'stop' : 'go on']++;
        if ($mustStop) {
            preg_match('/Turn it out to (.+?)\. /', $move->do, $found);
            $isRicher = Turns::parse($found[1])->inUnits() > Turns::parse("{$eighths}/8")->inUnits();
            expect($isRicher || $eighths > ($best ?? 0))->toBeTrue($context);
        }
    }
    expect(min($said))->toBeGreaterThan(20);
});

it('takes L by ear and H with its speed only: no ear hears the maximum', function (): void {
    $heard = static fn (string $screw, string $mark): array => ['adjuster' => $screw, 'units' => 48, 'mark' => $mark];
    $bench = sawAtRun();
    $bench->refuse(EntryKind::SpeedRead, $heard('low', 'clean'));
    $bench->refuse(EntryKind::SpeedRead, $heard('high', 'dies'));
    $after = $bench->add(EntryKind::SpeedRead, $heard('low', 'rough_rich'));

    expect(fn () => $bench->refuse(EntryKind::SpeedRead, $heard('high', 'flutter')))
        ->toThrow(NotAllowedNow::class, 'no ear tells')
        ->and(fn () => $bench->refuse(EntryKind::SpeedRead, ['adjuster' => 'low', 'units' => 48]))
        ->toThrow(NotAllowedNow::class, 'press what you hear')
        ->and($after->sheet()->of(Screws::class)->named('low')->readings[0]->isByEar())->toBeTrue()
        ->and(RunSoFar::judged($after->sheet()->of(Screws::class)->named('low'), $bench->family->card)->nextTurns)
        ->toBeLessThan(1.0);
});

it('asks for no reading of the running engine again while a finding forbids to run it, nor on the tray', function (): void {
    $bench = (new Bench)->count('idle_mixture', '1')->count('idle_speed', '1');
    $bench->all(Station::Strip)->all(Station::Clean)->all(Station::Build)->hold();
    $bench->set('idle_mixture', '1')->set('idle_speed', '1')->set('idle_mixture', '1', 'run')->set('idle_speed', '1', 'run');
    $bench->off('air_cleaner');
    $moves = fn () => $bench->sheet()->moves(null, (new Triage(Knowledge::real(), $bench->sheet()))->safety());
    $keys = fn (): array => array_map(static fn (Move $m): string => $m->key, $moves());
    expect($keys())->not->toContain('recheck');

    $bench->on('air_cleaner');
    expect($moves()[0]->key)->toBe('recheck')->and($moves()[0]->does)->toBe([Deed::Start, Deed::Run]);
    $bench->add(EntryKind::FindingNoted, ['finding' => 'fuel_dripping', 'answer' => 'yes']);
    expect($keys())->not->toContain('recheck')->toContain('danger');
});
