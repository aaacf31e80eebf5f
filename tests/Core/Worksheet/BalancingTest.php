<?php

declare(strict_types=1);

use DustyJet\Carburetor\Station;
use DustyJet\Engine\RandomBank;
use DustyJet\Numerics\Chance;
use DustyJet\Worksheet\Balancing\Balancing;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\HandBack\Proofs;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Run\BankOutlier;
use DustyJet\Worksheet\Run\RunBay;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Stale\Staleness;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Worksheet\Bench;

/*
 * A bank at Run: mixture and idle speed first, then the reference, then read, turn one screw, read. Common practice.
 */

const TOP_MIDDLE_BOTTOM = ['top', 'middle', 'bottom'];

/** Everything set and left but the balance. */
function bankToBalance(): Bench
{
    $bench = new Bench('outboard_bank');
    foreach (['top' => '2', 'middle' => '2', 'bottom' => '2', 'idle_speed' => '1'] as $screw => $turns) {
        $bench->count($screw, $turns)->set($screw, $turns)->set($screw, $turns, 'run');
    }

    return $bench;
}

/** @param  array<string, string>  $vacuum */
function columns(Bench $bench, array $vacuum): Bench
{
    return $bench->add(EntryKind::BankRead, ['vacuum' => $vacuum]);
}

function ofRun(Bench $bench): ?Move
{
    return (new RunBay)->moves($bench->sheet())[0] ?? null;
}

it('asks for the reference, the columns and one screw, in this order', function (): void {
    $bench = bankToBalance();
    expect(ofRun($bench)?->do)->toBe('Say which carburetor has no balance screw')
        ->and((new RunBay)->gates($bench->sheet()))->toBe(['The bank is not balanced.'])
        ->and($bench->sheet()->stations['run']->isDone())->toBeFalse();
    $bench->add(EntryKind::ReferenceNamed, ['carburetor' => 'middle']);
    expect(ofRun($bench)?->do)->toBe('Blip, let it settle, read every column');
    columns($bench, ['top' => '9.0 9.1 8.9', 'middle' => '10.0 10.1 9.9', 'bottom' => '10.1 10.0 10.2']);
    expect(ofRun($bench)?->do)->toBe('Turn the top balance screw out 1/16')
        ->and(ofRun($bench)?->why)->toContain('below middle');
    $bench->add(EntryKind::BalanceTurned, ['carburetor' => 'top', 'turns' => -0.0625]);
    expect(ofRun($bench)?->do)->toBe('Blip, let it settle, read every column')
        ->and(ofRun($bench)?->why)->toContain('learned');
    columns($bench, ['top' => '10.0 10.1 9.9', 'middle' => '10.0 10.1 9.9', 'bottom' => '10.1 10.0 10.2']);
    expect(ofRun($bench))->toBeNull()
        ->and((new RunBay)->gates($bench->sheet()))->toBe([])
        ->and($bench->sheet()->stations['run']->isDone())->toBeTrue();
});

it('goes for mixture and idle speed first', function (): void {
    $bench = new Bench('outboard_bank');
    $bench->add(EntryKind::ReferenceNamed, ['carburetor' => 'middle']);
    expect(ofRun($bench)?->target)->toBe('top');
});

it('refuses what is no reading of this bank', function (EntryKind $kind, array $payload, string $says): void {
    $bench = bankToBalance()->add(EntryKind::ReferenceNamed, ['carburetor' => 'middle']);
    expect(fn () => $bench->refuse($kind, $payload))->toThrow($says);
})->with([
    'one column missing' => [EntryKind::BankRead, ['vacuum' => ['top' => '9', 'middle' => '10']], 'bottom'],
    'a column of another bank' => [
        EntryKind::BankRead,
        ['vacuum' => ['top' => '9', 'middle' => '10', 'bottom' => '9', 'fourth' => '9']],
        'of the bank',
    ],
    'words' => [
        EntryKind::BankRead, ['vacuum' => ['top' => 'low', 'middle' => '10', 'bottom' => '9']], 'inHg, such as',
    ],
    'six blips' => [
        EntryKind::BankRead, ['vacuum' => ['top' => '9 9 9 9 9 9', 'middle' => '10', 'bottom' => '9']], 'from 1 to 5',
    ],
    'more than a vacuum can be' => [
        EntryKind::BankRead, ['vacuum' => ['top' => '31', 'middle' => '10', 'bottom' => '9']], 'from 0 to 30',
    ],
    'the reference turned' => [
        EntryKind::BalanceTurned, ['carburetor' => 'middle', 'turns' => 0.1], 'has no balance screw',
    ],
    'a carburetor nobody has' => [EntryKind::BalanceTurned, ['carburetor' => 'fifth', 'turns' => 0.1], 'fifth'],
    'a reference nobody has' => [EntryKind::ReferenceNamed, ['carburetor' => 'fifth'], 'fifth'],
]);

it('refuses a bank where there is none, a reading without a base, two screws at once', function (): void {
    $single = new Bench;
    $ofABank = [
        [EntryKind::ReferenceNamed, ['carburetor' => 'top']],
        [EntryKind::BankRead, ['vacuum' => ['top' => '9']]],
    ];
    foreach ($ofABank as [$kind, $payload]) {
        expect(fn () => $single->refuse($kind, $payload))->toThrow('A bank of carburetors');
    }
    $read = ['vacuum' => ['top' => '9', 'middle' => '10', 'bottom' => '9']];
    $bench = bankToBalance();
    expect(fn () => $bench->refuse(EntryKind::BankRead, $read))->toThrow('no balance screw');
    $bench->add(EntryKind::ReferenceNamed, ['carburetor' => 'middle']);
    $bench->add(EntryKind::BankRead, $read)->add(EntryKind::BalanceTurned, ['carburetor' => 'top', 'turns' => 0.0625]);
    expect(fn () => $bench->refuse(EntryKind::BalanceTurned, ['carburetor' => 'bottom', 'turns' => 0.0625]))
        ->toThrow('read every column before');
    // The same screw may be turned again, or back.
    $bench->refuse(EntryKind::BalanceTurned, ['carburetor' => 'top', 'turns' => -0.0625]);
    expect(fn () => $bench->off('fuel_hoses')->refuse(EntryKind::BankRead, $read))->toThrow(NotAllowedNow::class);
});

it('adds up a screw turned twice, and forgets what a second screw made worthless', function (): void {
    $bench = columns(
        bankToBalance()->add(EntryKind::ReferenceNamed, ['carburetor' => 'middle']),
        ['top' => '9', 'middle' => '10', 'bottom' => '9'],
    );
    $bench->add(EntryKind::BalanceTurned, ['carburetor' => 'top', 'turns' => 0.0625])
        ->add(EntryKind::BalanceTurned, ['carburetor' => 'top', 'turns' => 0.03125]);
    expect($bench->sheet()->of(Balancing::class)->turned?->turns)->toBe(0.09375);
    // A file from elsewhere may hold it all the same.
    $bench->add(EntryKind::BalanceTurned, ['carburetor' => 'bottom', 'turns' => 0.0625]);
    expect($bench->sheet()->of(Balancing::class)->readings)->toBe([]);
    // Another reference begins anew.
    $bench->add(EntryKind::ReferenceNamed, ['carburetor' => 'top']);
    expect($bench->sheet()->of(Balancing::class)->reference)->toBe('top');
});

it('opens the check of the ports again, doubts the idle, and the balance when that moves', function (): void {
    $even = ['top' => '10.0 10.1', 'middle' => '10.0 10.1', 'bottom' => '10.1 10.0'];
    $bench = bankToBalance()
        ->add(EntryKind::ReferenceNamed, ['carburetor' => 'middle'])
        ->add(EntryKind::CheckDone, ['check' => 'plugs', 'passed' => true]);
    expect($bench->sheet()->of(Proofs::class)->checks['plugs']->passed)->toBeTrue();
    columns($bench, ['top' => '8.0', 'middle' => '10.0', 'bottom' => '10.0']);
    expect($bench->sheet()->of(Proofs::class)->checks['plugs']->passed)->toBeNull();
    $bench->add(EntryKind::BalanceTurned, ['carburetor' => 'top', 'turns' => -0.0625]);
    columns($bench, $even);
    $stale = static fn (): array => array_map(
        static fn ($s): string => $s->what, $bench->sheet()->of(Staleness::class)->items(),
    );
    expect($stale())->toHaveCount(1)->and($stale()[0])->toContain('idle stop');
    $bench->set('idle_speed', '1', 'run');
    expect($stale())->toBe([]);
    $bench->set('idle_speed', '1 1/4', 'run');
    expect($stale())->toBe(['Balance of the bank']);
    columns($bench, $even);
    expect($stale())->toBe([]);
});

it('names the carburetor that wants more than a turn over the others, the lowest first', function (): void {
    $bank = ['top' => 'Top', 'middle' => 'Middle', 'bottom' => 'Bottom'];
    $of = static function (array $turns): Screws {
        $bench = new Bench('outboard_bank');
        foreach ($turns as $screw => $at) {
            $bench->count($screw, $at);
        }

        return $bench->sheet()->of(Screws::class);
    };
    expect(BankOutlier::among($of(['top' => '2', 'middle' => '2 1/2', 'bottom' => '4 1/4']), $bank))->toStartWith('Bottom')
        ->and(BankOutlier::among($of(['top' => '2', 'middle' => '2 1/2', 'bottom' => '3']), $bank))->toBeNull()
        ->and(BankOutlier::among($of(['top' => '4', 'middle' => '2', 'bottom' => '2']), $bank))->toStartWith('Top')
        ->and(BankOutlier::among($of([]), $bank))->toBeNull();
});

it('brings virtual banks into balance by its moves, whichever way the screws work', function (): void {
    $seed = seed();
    $done = 0;
    for ($i = 0; $i < 5; $i++) {
        $source = new Randomizer(new Mt19937($seed + $i));
        $chance = new Chance($source);
        $engine = RandomBank::of($source, 3);
        $bench = bankToBalance()->add(EntryKind::ReferenceNamed, ['carburetor' => 'middle']);
        for ($step = 0; $step < 80 && ($move = ofRun($bench)) !== null; $step++) {
            if ($move->key === 'bank_read') {
                $vacuum = [];
                foreach ($engine->idles()['vacuum_inhg'] as $n => $inhg) {
                    $blips = array_map(
                        static fn (): string => number_format($inhg + 0.15 * $chance->gaussian(), 1), range(1, 5),
                    );
                    $vacuum[TOP_MIDDLE_BOTTOM[$n]] = implode(' ', $blips);
                }
                columns($bench, $vacuum);

                continue;
            }
            $next = $bench->sheet()->of(Balancing::class)->balance(TOP_MIDDLE_BOTTOM)?->next;
            expect(abs($next->turns ?? 1.0))->toBeLessThanOrEqual(0.125);
            $bench->add(EntryKind::BalanceTurned, ['carburetor' => $next?->carburetor, 'turns' => $next?->turns]);
            $which = (int) array_search($next?->carburetor, TOP_MIDDLE_BOTTOM, true);
            $engine = $engine->turned($which, $next->turns ?? 0.0);
        }
        $vacuum = $engine->idles()['vacuum_inhg'];
        $done += ofRun($bench) === null && max($vacuum) - min($vacuum) < 1.2 ? 1 : 0;
    }
    // 99 of 100 come into balance: of five, two and more fail once in a thousand seeds.
    expect($done)->toBeGreaterThanOrEqual(4, "SEED={$seed}");
});

it('has a dirty idle jet cleaned before the bank is balanced', function (): void {
    $bench = bankToBalance()->set('bottom', '3 1/2', 'run');
    $moves = (new RunBay)->moves($bench->sheet());
    expect($moves[0]->do)->toBe('Clean its idle jet before the bank is balanced')
        ->and($moves[0]->why)->toStartWith('Bottom')
        ->and($moves[0]->station)->toBe(Station::Clean)
        ->and($moves[1]->key)->toBe('reference');
});

it('is at the station where the engine runs', function (): void {
    $bench = columns(
        bankToBalance()->add(EntryKind::ReferenceNamed, ['carburetor' => 'middle']),
        ['top' => '9', 'middle' => '10', 'bottom' => '9'],
    );
    expect(ofRun($bench)?->station)->toBe(Station::Run)->and(ofRun($bench)?->does)->not->toBe([]);
});
