<?php

declare(strict_types=1);

use DustyJet\BenchLog\LogMovedOn;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\HoldTest\Verdict;
use DustyJet\Quantity\UnreadableTurns;
use DustyJet\StripAndBuild\NotYet;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Stale\Staleness;
use Tests\Core\Worksheet\Bench;

function staleKeys(Bench $bench): array
{
    return array_map(fn ($s): string => $s->key, $bench->sheet()->of(Staleness::class)->items());
}

it('walks the line from intake to hand-back, one next move at a time', function (): void {
    $bench = new Bench;
    $seen = [];
    $next = function () use ($bench, &$seen): string {
        $move = $bench->sheet()->moves()[0];
        $seen[] = $move->station->value;

        return $move->key.':'.$move->target;
    };

    expect($next())->toBe('count:idle_mixture');
    $bench->count('idle_mixture', '1 3/4')->count('idle_speed', '1');
    expect($next())->toBe('part_off:air_cleaner');
    $bench->all(Station::Strip);
    // Nothing holds while the needle lies on the tray: the test waits until it can mean something.
    expect($next())->toBe('inspect:needle_tip');
    $bench->all(Station::Clean);
    expect($next())->toBe('parts_on:pilot_o_rings');
    $bench->all(Station::Build);
    expect($next())->toBe('hold:');
    $bench->hold(4.0);
    expect($next())->toBe('hold_wet:');
    $bench->hold(4.0, wetted: true);
    expect($next())->toBe('needle:');
    $bench->add(EntryKind::ThingTouched, ['thing' => 'needle_seat'])->hold();
    expect($next())->toBe('set:idle_mixture');
    $bench->set('idle_mixture', '1 1/2')->set('idle_speed', '1');
    expect($next())->toBe('read:idle_mixture');
    $bench
        ->read('idle_mixture', '1 1/4', 1690)
        ->read('idle_mixture', '1 1/2', 1770)
        ->read('idle_mixture', '1 3/4', 1790)
        ->read('idle_mixture', '2', 1750);
    expect($next())->toBe('read:idle_mixture');
    $bench->read('idle_mixture', '2 1/4', 1690);
    expect($next())->toBe('leave:idle_mixture');
    $bench->set('idle_mixture', '1 5/8', 'run');
    expect($next())->toBe('idle_set:idle');
    $bench->set('idle_speed', '1 1/8', 'run');
    expect($next())->toBe('check:filter');
    $bench->checks();
    expect($next())
        ->toBe('hand_back:')
        ->and($bench->sheet()->gates())
        ->toBe([]);
    $bench->refuse(EntryKind::HandedBack, []);
    $bench->add(EntryKind::HandedBack, []);
    expect($bench->sheet()->moves())
        ->toBe([])
        ->and($bench->sheet()->stations['hand-back']->isDone())
        ->toBeTrue();
    expect($seen)->toBe([
        'as-found',
        'strip',
        'clean',
        'build',
        'bench-test',
        'bench-test',
        'bench-test',
        'set',
        'run',
        'run',
        'run',
        'run',
        'hand-back',
        'hand-back',
    ]);
});

it('makes the needle hold stale when needle or seat is touched, and fresh when it is repeated', function (): void {
    $bench = (new Bench)->hold();
    expect(staleKeys($bench))->toBe([]);
    $bench->inspect('seat', 'cleaned');
    expect(staleKeys($bench))->toBe(['needle_hold']);
    $bench->hold();
    expect(staleKeys($bench))->toBe([]);
});

it('lets the float tang, new fuel and a cleaned jet undo what rests on them', function (
    string $thing,
    array $stale,
): void {
    $bench = (new Bench)->worked()->add(EntryKind::ThingTouched, ['thing' => $thing]);

    expect(staleKeys($bench))->toBe($stale);
})->with([
    ['float_tang', ['needle_hold']],
    ['fuel', ['mixture.idle_mixture']],
    ['jets', ['mixture.idle_mixture']],
    ['air_path', ['mixture.idle_mixture']],
    ['radio', []],
]);

it('passes a moved screw on, but not one that was only checked', function (): void {
    $bench = (new Bench('float_adjustable_main'))
        ->count('main', '1 1/2')
        ->count('idle_mixture', '1 1/2')
        ->count('idle_speed', '1')
        ->set('main', '1 1/2', 'run')
        ->set('idle_mixture', '1 1/2', 'run')
        ->set('idle_speed', '1', 'run');
    expect(staleKeys($bench))->toBe([]);
    $bench->set('main', '1 1/2', 'run');
    expect(staleKeys($bench))->toBe([]);
    $bench->set('main', '1 3/4', 'run');
    expect(staleKeys($bench))->toBe(['mixture.idle_mixture']);
    $bench->set('idle_mixture', '1 1/2', 'run');
    expect(staleKeys($bench))->toBe([]);
    $bench->set('idle_mixture', '1 5/8', 'run');
    expect(staleKeys($bench))->toBe(['idle_speed']);
});

it('has nothing stale that was never measured', function (): void {
    expect(staleKeys((new Bench)->all(Station::Strip)->all(Station::Clean)->all(Station::Build)))->toBe([]);
});

it('lets nothing stale go back without an override that names its reason', function (): void {
    $bench = (new Bench)->worked()->add(EntryKind::ThingTouched, ['thing' => 'fuel']);
    expect(fn () => $bench->refuse(EntryKind::HandedBack, []))->toThrow(NotAllowedNow::class, 're-checked');
    $bench->refuse(EntryKind::StaleOverridden, ['item' => 'mixture.idle_mixture', 'reason' => 'same can of fuel']);
    $bench->add(EntryKind::StaleOverridden, ['item' => 'mixture.idle_mixture', 'reason' => 'same can of fuel']);
    expect($bench->sheet()->of(Staleness::class)->overrides)->toBe([
        'mixture.idle_mixture' => 'same can of fuel (June Halloran)',
    ]);
    $bench->refuse(EntryKind::HandedBack, []);
});

it('keeps a machine that is not proved', function (callable $spoil, string $says): void {
    $bench = (new Bench)->worked();
    $spoil($bench);
    expect(fn () => $bench->refuse(EntryKind::HandedBack, []))->toThrow(NotAllowedNow::class, $says);
})->with([
    'a failed check' => [
        fn (Bench $b) => $b->add(EntryKind::CheckDone, ['check' => 'no_drip', 'passed' => false]),
        'Failed',
    ],
    'a leaking needle' => [fn (Bench $b) => $b->hold(4.0), 'did not pass'],
    'a part opened again and left off' => [fn (Bench $b) => $b->off('air_cleaner'), 'Left on the tray'],
    'a part from nowhere left over' => [
        fn (Bench $b) => $b->add(EntryKind::PartUnexpected, ['name' => 'small washer', 'count' => 1]),
        'small washer',
    ],
    'a new part not fitted' => [fn (Bench $b) => $b->inspect('needle_tip', 'replace'), 'Still to fit: Inlet needle'],
    'a body judged scrap' => [
        fn (Bench $b) => $b->inspect('shaft', 'scrap', 'play of half a millimeter'),
        'scrapping the body',
    ],
]);

it('refuses an entry that means nothing here', function (EntryKind $kind, array $payload, string $class): void {
    expect(fn () => (new Bench)->refuse($kind, $payload))->toThrow($class);
})->with([
    'a screw this variant has not' => [
        EntryKind::ScrewCounted,
        ['adjuster' => 'main', 'units' => 48],
        UnreadableEntry::class,
    ],
    'turns of 99' => [
        EntryKind::ScrewCounted,
        ['adjuster' => 'idle_mixture', 'units' => 99 * 48],
        UnreadableTurns::class,
    ],
    'negative turns' => [
        EntryKind::ScrewSet,
        ['adjuster' => 'idle_mixture', 'units' => -1, 'station' => 'set'],
        UnreadableTurns::class,
    ],
    'a part that is none' => [EntryKind::PartOff, ['part' => 'photo', 'count' => 1], NotYet::class],
    'a part behind another' => [EntryKind::PartOff, ['part' => 'float', 'count' => 1], NotYet::class],
    'a part put on that is not off' => [
        EntryKind::PartOn,
        ['part' => 'float', 'count' => 1, 'looked' => true],
        NotYet::class,
    ],
    'none of a part' => [EntryKind::PartOff, ['part' => 'air_cleaner', 'count' => 0], NotAllowedNow::class],
    'an inspection that is none' => [
        EntryKind::PartInspected,
        ['inspection' => 'shine', 'condition' => 'sound'],
        UnreadableEntry::class,
    ],
    'a verdict that is none' => [
        EntryKind::PartInspected,
        ['inspection' => 'needle_tip', 'condition' => 'lovely'],
        UnreadableEntry::class,
    ],
    'a needle that scraps the body' => [
        EntryKind::PartInspected,
        ['inspection' => 'needle_tip', 'condition' => 'scrap', 'reason' => 'ring'],
        NotAllowedNow::class,
    ],
    'a passage that scraps the body' => [
        EntryKind::PartInspected,
        ['inspection' => 'passage_main', 'condition' => 'scrap', 'reason' => 'blocked for good'],
        NotAllowedNow::class,
    ],
    'a scrapped body without a reason' => [
        EntryKind::PartInspected,
        ['inspection' => 'shaft', 'condition' => 'scrap'],
        NotAllowedNow::class,
    ],
    'a link that is none' => [EntryKind::LinkNoted, ['link' => 'chain', 'text' => 'here'], UnreadableEntry::class],
    'a clock of a week' => [EntryKind::ClockStarted, ['clock' => 'soak', 'minutes' => 10080], NotAllowedNow::class],
    'an end of a clock nobody started' => [
        EntryKind::ClockEnded,
        ['clock' => '00000000-0000-4000-8000-000000000099'],
        UnreadableEntry::class,
    ],
    'a station that is none' => [
        EntryKind::ScrewSet,
        ['adjuster' => 'idle_mixture', 'units' => 48, 'station' => 'moon'],
        UnreadableEntry::class,
    ],
    'a check that is none' => [EntryKind::CheckDone, ['check' => 'shine', 'passed' => true], UnreadableEntry::class],
    'a thing that is none' => [EntryKind::ThingTouched, ['thing' => 'radio'], UnreadableEntry::class],
    'a school that is none' => [
        EntryKind::SchoolChosen,
        ['adjuster' => 'idle_mixture', 'school' => 'guess'],
        UnreadableEntry::class,
    ],
    'an override of what is fresh' => [
        EntryKind::StaleOverridden,
        ['item' => 'needle_hold', 'reason' => 'because'],
        NotAllowedNow::class,
    ],
    'a variant that is none' => [
        EntryKind::IntakeTaken,
        ['machine' => 'a', 'engine' => 'b', 'complaint' => 'c', 'variant' => 'triple', 'idle_sense' => 'fuel'],
        UnreadableEntry::class,
    ],
]);

it('refuses to count a screw as found once it was out', function (): void {
    $bench = (new Bench)->off(
        'air_cleaner',
        'throttle_bracket',
        'line_clip',
        'fuel_line',
        'throttle_rod',
        'choke_rod',
        'governor_spring',
        'carburetor',
        'idle_mixture_screw',
    );

    expect(fn () => $bench->refuse(EntryKind::ScrewCounted, ['adjuster' => 'idle_mixture', 'units' => 84]))->toThrow(
        NotAllowedNow::class,
        'already out',
    );
});

it('takes nothing but notes after the hand-back', function (): void {
    $bench = (new Bench)->worked()->add(EntryKind::HandedBack, []);
    $bench->refuse(EntryKind::NoteAdded, ['text' => 'called']);
    expect(fn () => $bench->refuse(EntryKind::ThingTouched, ['thing' => 'fuel']))->toThrow(
        NotAllowedNow::class,
        'handed back',
    );
});

it('lets two people add at once where it does no harm, and says what changed where it would', function (): void {
    $bench = (new Bench)->worked();
    $seen = count($bench->entries);
    $bench->set('idle_mixture', '2', 'run');
    $bench->refuse(EntryKind::NoteAdded, ['text' => 'mine'], $seen);
    $bench->refuse(EntryKind::ScrewSet, ['adjuster' => 'idle_speed', 'units' => 48, 'station' => 'run'], $seen);
    expect(
        fn () => $bench->refuse(
            EntryKind::ScrewSet,
            ['adjuster' => 'idle_mixture', 'units' => 48, 'station' => 'run'],
            $seen,
        ),
    )->toThrow(LogMovedOn::class, 'June Halloran');
});

it('shows a coarse, short run as undecided and asks to watch on', function (): void {
    $bench = (new Bench)
        ->count('idle_mixture', '1')
        ->count('idle_speed', '1')
        ->off('air_cleaner', 'throttle_bracket')
        ->add(EntryKind::StripEnded, [])
        ->hold(0.45, stepPsi: 0.5, seconds: 30);

    expect($bench->sheet()->of(Holds::class)->latest()?->outcome->verdict)
        ->toBe(Verdict::KeepWatching)
        ->and($bench->sheet()->moves()[0]->do)
        ->toStartWith('Watch longer');
});

it('is a pure function of the log', function (): void {
    $bench = (new Bench)->worked();

    expect($bench->sheet())->toEqual($bench->sheet());
});

it('flags a screw found far from the book', function (): void {
    expect(
        (new Bench)->count('idle_mixture', '5 3/4')->sheet()->of(Screws::class)->all['idle_mixture']->isFoundFarOut(),
    )
        ->toBeTrue()
        ->and(
            (new Bench)
                ->count('idle_mixture', '1 3/4')
                ->sheet()
                ->of(Screws::class)
                ->all['idle_mixture']->isFoundFarOut(),
        )
        ->toBeFalse();
});
