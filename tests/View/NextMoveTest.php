<?php

declare(strict_types=1);

use App\View\Sheet\Fitting;
use App\View\Sheet\NextMove;
use App\View\Sheet\NextPlate;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Worksheet\Bench;
use Tests\View\Sheets;

it('submits the work on its own station and goes there from another', function (): void {
    $here = NextMove::all(Sheets::seen(new Bench, Station::AsFound))[0];
    $elsewhere = NextMove::all(Sheets::seen(new Bench, Station::Run))[0];

    expect($here->form)
        ->toBe('work-form')
        ->and($here->label)
        ->toBe('Counted, log it')
        ->and($elsewhere->form)
        ->toBeNull()
        ->and($elsewhere->label)
        ->toBe('Go to As found')
        ->and($elsewhere->href)
        ->toEndWith('/as-found?screw=idle_mixture');
});

it('names the form of its station; that a page prints it is asked of whole pages', function (callable $reach, Station $station, string $form): void {
    $bench = new Bench;
    $reach($bench);
    $move = NextMove::all(Sheets::seen($bench, $station))[0];

    expect($move->form)->toBe($form);
})->with([
    'strip' => [
        fn (Bench $b) => $b->count('idle_mixture', '1')->count('idle_speed', '1'),
        Station::Strip,
        'off-air_cleaner',
    ],
    'bench test' => [
        fn (Bench $b) => $b
            ->count('idle_mixture', '1')
            ->count('idle_speed', '1')
            ->off('air_cleaner')
            ->add(EntryKind::StripEnded, []),
        Station::BenchTest,
        'hold-form',
    ],
    'set' => [
        fn (Bench $b) => $b
            ->count('idle_mixture', '1')
            ->count('idle_speed', '1')
            ->all(Station::Strip)
            ->all(Station::Clean)
            ->all(Station::Build)
            ->hold(),
        Station::Set,
        'work-form',
    ],
    'run' => [
        fn (Bench $b) => $b
            ->count('idle_mixture', '1')
            ->count('idle_speed', '1')
            ->all(Station::Strip)
            ->all(Station::Clean)
            ->all(Station::Build)
            ->hold()
            ->set('idle_mixture', '1 1/2')
            ->set('idle_speed', '1'),
        Station::Run,
        'read-form',
    ],
    'hand back' => [fn (Bench $b) => $b->worked(), Station::HandBack, 'handback-form'],
]);

it('draws the fuel line as far as the work has come', function (): void {
    $bench = (new Bench)->count('idle_mixture', '1')->count('idle_speed', '1');
    $line = Fitting::line(Sheets::seen($bench, Station::Strip));

    expect(array_column($line, 'state'))
        ->toBe(['done', 'done', 'here', 'todo', 'todo', 'todo', 'todo', 'todo', 'todo'])
        ->and(array_column($line, 'hose'))
        ->toBe(['wet', 'wet', 'half', 'dry', 'dry', 'dry', 'dry', 'dry', 'dry'])
        ->and($line[2]->label)
        ->toBe('3 Strip: open now, 15 min')
        ->and($line[0]->label)
        ->toStartWith('1 Intake: done, ');
});

it('shows a station that must be re-checked, with how many', function (): void {
    $bench = (new Bench)->hold()->add(EntryKind::ThingTouched, ['thing' => 'needle_seat']);
    $line = Fitting::line(Sheets::seen($bench, Station::AsFound));

    expect($line[3]->state)
        ->toBe('stale')
        ->and($line[3]->note)
        ->toBe('re-check 1')
        ->and($line[3]->label)
        ->toBe('4 Bench test: must be re-checked, re-check 1');
});

it('counts a station that was begun', function (): void {
    $bench = (new Bench)->off('air_cleaner', 'throttle_bracket');
    $line = Fitting::line(Sheets::seen($bench, Station::Intake));

    expect($line[2]->note)->toBe('2 of 24')->and($line[2]->label)->toBe('3 Strip: begun, 2 of 24');
});

it('says of a station that it has nothing to do', function (): void {
    $line = Fitting::line(Sheets::seen(new Bench('pulse_pump'), Station::Strip));

    expect($line[1]->note)->toBe('nothing here')->and($line[1]->state)->toBe('done');
});

it('does not send away who is at work: a look nobody took stands beside it', function (Station $here, string $key): void {
    $bench = (new Bench)->add(EntryKind::FindingNoted, ['finding' => 'floods', 'answer' => 'yes']);
    $moves = NextMove::all(Sheets::seen($bench, $here));

    // The key logs the count; the look has a place below it.
    expect($moves[0]->key)
        ->toBe($key)
        ->and($moves[0]->form)
        ->toBe('work-form')
        ->and($moves[1]->key)
        ->toBe('look')
        ->and($moves[1]->form)
        ->toBeNull()
        ->and($moves[1]->href)
        ->toContain('/intake');
    $elsewhere = NextMove::all(Sheets::seen($bench, Station::HandBack))[0];
    expect($elsewhere->key)->toBe('look');
})->with([[Station::AsFound, 'count']]);

it('logs with its key what lies open, and opens another screw first', function (): void {
    $bench = (new Bench('cube_opposed'))->count('high', '1');
    $view = Sheets::seen($bench, Station::AsFound);
    $named = $view->moves[0]->target;
    $ofIt = NextMove::all($view, $named)[0];
    $ofAnother = NextMove::all($view, 'high')[0];

    expect($named)
        ->not->toBe('high')
        ->and($ofIt->form)
        ->toBe('work-form')
        ->and($ofAnother->form)
        ->toBeNull()
        ->and($ofAnother->label)
        ->toBe('Go to that screw')
        ->and($ofAnother->href)
        ->toEndWith("/as-found?screw={$named}");
});

it('ends a wait with its key from any station', function (): void {
    $bench = (new Bench)->add(EntryKind::WaitBegan, ['for' => 'customer', 'what' => 'rebuild or replace']);
    foreach ([Station::Intake, Station::Clean, Station::HandBack] as $here) {
        $move = NextMove::all(Sheets::seen($bench, $here))[0];
        expect([$move->form, $move->label])->toBe(['wait-form', 'They answered']);
    }
});

it('says the minutes of the next move, and forecasts none to a cure', function (string $complaint): void {
    foreach (['suction_lift', 'float_pilot_jet', 'cube_opposed', 'outboard_bank'] as $family) {
        $bench = (new Bench($family))->add(EntryKind::FindingNoted, ['finding' => $complaint, 'answer' => 'yes']);
        $view = Sheets::seen($bench, Station::Intake);
        $move = NextMove::all($view)[0];
        $looks = $view->catalogue->checks;
        $said = "{$move->do} {$move->why} {$move->minutes}";

        // A look takes what the knowledge says of it and of opening up for it, nothing of what may come after.
        $own = isset($looks[$view->moves[0]->target]) ? $looks[$view->moves[0]->target]->minutes : null;
        expect($said)
            ->not->toMatch('/cure|expected|in all/i')
            ->and($own === null || $view->moves[0]->minutes >= $own && $view->moves[0]->minutes <= $own + 30)
            ->toBeTrue("{$family} {$said}");
    }
})->with(['floods', 'surges', 'no_power']);

it('tells a leak apart before a new needle goes in, on the tab that does it', function (): void {
    $bench = (new Bench)
        ->count('idle_mixture', '1')
        ->count('idle_speed', '1')
        ->off('air_cleaner')
        ->add(EntryKind::StripEnded, [])
        ->hold(4.0, wetted: true);
    [$test, $needle] = NextMove::all(Sheets::seen($bench, Station::BenchTest));
    expect($test->key)
        ->toBe('isolate')
        ->and($test->form)
        ->toBeNull()
        ->and($test->label)
        ->toBe('Go to leak map')
        ->and($test->href)
        ->toEndWith('/bench-test?look=leak_map')
        ->and($needle->form)
        ->toBe('needle-form');
    [$test, $needle] = NextMove::all(Sheets::seen($bench, Station::BenchTest, 'leak_map'));
    expect($test->href)->toBe('#tab')->and($needle->form)->toBeNull()->and($needle->label)->toBe('Go to hold');
});

it('must be fresh where an engine is run by it, and where it proposes what a finding could forbid', function (): void {
    $on = static fn (Bench $b, Station $s): bool => NextPlate::of(Sheets::seen($b, $s), false)->mustBeFresh;
    $dies = (new Bench('suction_lift'))
        ->add(EntryKind::FindingNoted, ['finding' => 'starts_then_dies', 'answer' => 'yes']);

    expect($on(new Bench, Station::Run))->toBeTrue()
        ->and($on(new Bench, Station::Strip))->toBeFalse()
        ->and(Sheets::seen($dies, Station::Strip)->moves[0]->do)->toStartWith('Run it')
        ->and($on($dies, Station::Strip))->toBeTrue();
});
