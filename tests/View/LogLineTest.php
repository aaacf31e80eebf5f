<?php

declare(strict_types=1);

use App\View\Log\LogLine;
use App\View\Log\LogWords;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Worksheet\Bench;

function lastLine(Bench $bench): LogLine
{
    return LogLine::latest($bench->sheet(), 500)[0];
}

it('says every kind of entry in bench words', function (
    EntryKind $kind,
    array $payload,
    string $text,
    string $strong,
): void {
    $line = lastLine((new Bench('float_adjustable_main'))->add($kind, $payload));

    expect($line->text)->toBe($text)->and($line->strong)->toBe($strong)->and($line->entry->by)->toBe('June Halloran');
})->with([
    'a note' => [EntryKind::NoteAdded, ['text' => 'soap on the hose'], 'Note: soap on the hose', ''],
    'a count' => [
        EntryKind::ScrewCounted,
        ['adjuster' => 'main', 'units' => 84],
        'Main needle as found: ',
        "1\u{00A0}3/4",
    ],
    'a setting' => [
        EntryKind::ScrewSet,
        ['adjuster' => 'idle_mixture', 'units' => 72, 'station' => 'set'],
        'Idle mixture screw set to ',
        "1\u{00A0}1/2",
    ],
    'a setting that stays' => [
        EntryKind::ScrewSet,
        ['adjuster' => 'idle_mixture', 'units' => 72, 'station' => 'run'],
        'Idle mixture screw left at ',
        "1\u{00A0}1/2",
    ],
    'a speed' => [
        EntryKind::SpeedRead,
        ['adjuster' => 'idle_mixture', 'units' => 72, 'rpm' => 1750.4],
        "Idle mixture screw 1\u{00A0}1/2: ",
        '1,750 rpm',
    ],
    'a speed with its mark' => [
        EntryKind::SpeedRead,
        ['adjuster' => 'idle_mixture', 'units' => 72, 'rpm' => 1750.4, 'mark' => 'rough'],
        "Idle mixture screw 1\u{00A0}1/2: ",
        '1,750 rpm, rough',
    ],
    'a part off' => [EntryKind::PartOff, ['part' => 'emulsion_tube', 'count' => 1], 'Off: ', 'Emulsion tube'],
    'several off' => [EntryKind::PartOff, ['part' => 'packing', 'count' => 2], 'Off: ', 'Main needle packing, 2'],
    'a part not there' => [
        EntryKind::PartMissing,
        ['part' => 'packing', 'said' => 'a rag instead'],
        'Not there: ',
        'Main needle packing, a rag instead',
    ],
    'a part nobody expected' => [
        EntryKind::PartUnexpected,
        ['name' => 'washer', 'count' => 2],
        'Not expected: ',
        'washer, 2',
    ],
    'a part on' => [EntryKind::PartOn, ['part' => 'bowl', 'count' => 1, 'looked' => true], 'Fitted: ', 'Bowl'],
    'a part accounted for' => [
        EntryKind::PartAccounted,
        ['part' => 'bowl', 'became' => 'new one fitted'],
        'Bowl: ',
        'new one fitted',
    ],
    'the end of the strip' => [EntryKind::StripEnded, ['reason' => 'not opened'], 'Strip ended here', ': not opened'],
    'a verdict' => [
        EntryKind::PartInspected,
        ['inspection' => 'needle_tip', 'condition' => 'replace', 'reason' => 'ring'],
        'Needle tip under a lens: ',
        'New part, ring',
    ],
    'a link' => [
        EntryKind::LinkNoted,
        ['link' => 'drain', 'text' => 'to the tap'],
        'Which side the bowl drain faces ',
        'to the tap',
    ],
    'a test' => [EntryKind::TestDone, ['test' => 'jet_light', 'passed' => false], 'Light through the jets: ', 'fails'],
    'a check put off' => [EntryKind::CheckPromised, ['what' => 'impulse fitting'], 'Put off: ', 'impulse fitting'],
    'a clock' => [
        EntryKind::ClockStarted,
        ['clock' => 'soak', 'minutes' => 30, 'what' => 'jets'],
        'Soak started: ',
        '30 min, jets',
    ],
    'a thing touched' => [EntryKind::ThingTouched, ['thing' => 'needle_seat'], 'Touched: needle seat', ''],
    'a school' => [
        EntryKind::SchoolChosen,
        ['adjuster' => 'main', 'school' => 'peak'],
        'Main needle: school of the peak',
        '',
    ],
    'a check' => [EntryKind::CheckDone, ['check' => 'stop', 'passed' => false], 'Stop control stops it: ', 'fails'],
    'an override' => [
        EntryKind::StaleOverridden,
        ['item' => 'mixture.idle_mixture', 'reason' => 'same fuel'],
        'Override of mixture idle mixture: ',
        'same fuel',
    ],
    'a hand-back' => [EntryKind::HandedBack, [], 'Handed back', ''],
]);

it('says a hold test with its verdict', function (float $flow, bool $wetted, string $starts, string $strong): void {
    $line = lastLine((new Bench)->hold($flow, $wetted));

    expect($line->text)->toStartWith($starts)->and($line->strong)->toContain($strong);
})->with([
    'a dry leak' => [4.0, false, 'Needle hold: 5.0 to', 'Leak 4'],
    'a wet hold' => [0.0, true, 'Needle hold, wetted: 5.0 to 5.0 psi in 90 s.', 'Holds'],
]);

it('marks what no longer holds and offers no strike for it', function (): void {
    $bench = (new Bench)->count('idle_mixture', '1');
    $bench->add(EntryKind::Struck, ['reason' => 'wrong job'], $bench->entries[1]->id);
    [$strike, $count, $intake] = LogLine::latest($bench->sheet(), 500);

    expect($strike->text)
        ->toBe('Struck an entry: wrong job')
        ->and($strike->mayStrike)
        ->toBeFalse()
        ->and($strike->isCorrection)
        ->toBeTrue()
        ->and($count->isSuperseded)
        ->toBeTrue()
        ->and($count->mayStrike)
        ->toBeFalse()
        ->and($intake->mayStrike)
        ->toBeFalse();
});

it('offers no strike once a job was handed back', function (): void {
    $bench = (new Bench)->worked()->add(EntryKind::HandedBack, []);

    foreach (LogLine::latest($bench->sheet(), 500) as $line) {
        expect($line->mayStrike)->toBeFalse();
    }
});

it('has words for every kind, each taking just its act', function (EntryKind $kind): void {
    $says = LogWords::table()[$kind->act()] ?? null;
    $takes = $says === null ? null : (new ReflectionFunction($says))->getParameters()[0]->getType();

    expect((string) $takes)->toBe($kind->act());
})->with(EntryKind::cases());

it('says what it cannot read, and goes on', function (): void {
    $bench = (new Bench)->add(EntryKind::ScrewCounted, ['adjuster' => 'idle_mixture', 'units' => 99999]);
    $bench->add(EntryKind::Struck, [], $bench->entries[1]->id);

    expect(LogLine::latest($bench->sheet(), 500)[1]->text)->toStartWith('Cannot be read: ');
});

it('words no more lines than are asked for', function (): void {
    $lines = LogLine::latest((new Bench)->worked()->sheet(), 6);

    expect($lines)->toHaveCount(6)->and($lines[0]->entry->seq)->toBeGreaterThan($lines[5]->entry->seq);
});
