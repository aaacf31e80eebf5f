<?php

declare(strict_types=1);

use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Worksheet\BenchTest\Tests;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Clean\Inspections;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Worksheet\Bench;

function tested(string $family, string $test, bool $passed = true): Bench
{
    return (new Bench($family))->add(EntryKind::TestDone, ['test' => $test, 'passed' => $passed]);
}

it('does not ask at Clean & inspect for what a bench test has shown', function (): void {
    $bench = tested('cube_opposed', 'shaft');
    $open = array_keys(Inspections::on($bench->sheet()->bench)->open());
    $record = $bench->sheet()->of(Inspected::class)->records['shaft'];

    expect($open)->not->toContain('shaft', 'plate')->toContain('needle_tip', 'return_spring', 'passage_main')
        ->and($record->isGood())->toBeTrue()
        ->and($record->said(', '))->toBe('Sound, seen at Bench test');
});

it('asks again once the test fails, and never takes back what was judged by itself', function (): void {
    $bench = (new Bench('cube_opposed'))->inspect('plate', 'replace', 'Bent');
    $after = static fn (bool $passed): array => $bench
        ->add(EntryKind::TestDone, ['test' => 'shaft', 'passed' => $passed])
        ->sheet()->of(Inspected::class)->records;
    $passed = $after(true);
    $failed = $after(false);

    expect($passed['plate']->condition->value)->toBe('replace')
        ->and($passed['shaft']->isGood())->toBeTrue()
        ->and($failed)->not->toHaveKey('shaft')
        ->and($failed['plate']->reason)->toBe('Bent');
});

it('answers every passage by the blow-through, and nothing that is no passage', function (): void {
    $records = tested('float_pilot_jet', 'blow_through')->sheet()->of(Inspected::class)->records;

    expect(array_keys($records))->toEqualCanonicalizing(['passage_main', 'passage_idle', 'passage_air']);
});

it('counts a bench test as passed once all that it shows was judged good', function (): void {
    $bench = new Bench('cube_opposed');
    $tests = static fn (Bench $b): Tests => $b->sheet()->of(Tests::class);
    $one = $tests($bench->inspect('metering_diaphragm'));
    $both = $tests($bench->inspect('pump_diaphragm', 'renewed'));
    $torn = $tests($bench->inspect('pump_diaphragm', 'replace'));

    expect($one->isPassed('diaphragm_feel'))->toBeFalse()
        ->and($both->isPassed('diaphragm_feel'))->toBeTrue()
        ->and($both->records['diaphragm_feel']->note)->toBe('seen at Clean & inspect')
        ->and($torn->records)->not->toHaveKey('diaphragm_feel')
        ->and($both->isPassed('blow_through'))->toBeFalse();
});

it('asks for every passage again after a bath, and for nothing else', function (string $clock, bool $isBath): void {
    $bench = tested('float_pilot_jet', 'blow_through')->inspect('passage_idle', 'cleaned');
    $bench->inspect('passage_air', 'scrap')->inspect('seat');
    $bench->add(EntryKind::ClockStarted, ['clock' => $clock, 'minutes' => 10]);
    $open = array_keys(Inspections::on($bench->sheet()->bench)->open());
    $records = $bench->sheet()->of(Inspected::class)->records;

    expect(array_intersect(['passage_main', 'passage_idle', 'passage_air', 'seat'], $open))
        ->toEqualCanonicalizing($isBath ? ['passage_main', 'passage_idle'] : [])
        ->and($records['passage_air']->condition->value)->toBe('scrap')
        ->and($bench->sheet()->of(Tests::class)->isPassed('blow_through'))->toBeTrue();
})->with([['soak', true], ['bath', true], ['dry', false], ['wet', false]]);

it('counts a blow-through by the passages no more once they lie in a bath', function (): void {
    $bench = new Bench('float_pilot_jet');
    foreach (['passage_main', 'passage_idle', 'passage_air'] as $passage) {
        $bench->inspect($passage, 'cleaned');
    }
    $before = $bench->sheet()->of(Tests::class)->isPassed('blow_through');
    $bench->add(EntryKind::ClockStarted, ['clock' => 'bath', 'minutes' => 10]);

    expect([$before, $bench->sheet()->of(Tests::class)->isPassed('blow_through')])->toBe([true, false]);
});

it('leaves a test that was done by itself as it was found', function (): void {
    $bench = tested('cube_opposed', 'diaphragm_feel', passed: false);
    $bench->inspect('metering_diaphragm')->inspect('pump_diaphragm');

    expect($bench->sheet()->of(Tests::class)->records['diaphragm_feel']->passed)->toBeFalse();
});

it('names looks that are there', function (): void {
    foreach (FamilyFiles::shipped()->ids() as $id) {
        $family = FamilyFiles::shipped()->of($id);
        foreach ($family->proof->tests as $key => $test) {
            expect($test->answers === [] ? ['none'] : $test->answered($family->teardown->inspections))
                ->not->toBeEmpty("{$id}: {$key} answers no look of this family");
        }
    }
});
