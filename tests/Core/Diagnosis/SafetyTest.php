<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Deed;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\PossibleChecks;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Diagnosis\Offered;

/*
 * What a finding forbids is never offered: by no check, no repair, no step of a procedure. Common practice: nothing is
 * started, sparked or primed while fuel runs out of it or stands in the oil; nothing that races is run up; a two-stroke
 * that draws air is not leaned. The matrix is written out here, apart from the knowledge it is checked against.
 */

it('forbids by data just what is written here', function (): void {
    $known = [];
    foreach (Knowledge::real()->findings as $id => $finding) {
        if ($finding->forbids !== []) {
            $known[$id] = array_map(static fn (Deed $d): string => $d->value, $finding->forbids);
        }
    }
    $written = Offered::forbidden();
    ksort($known);
    ksort($written);
    expect($known)->toBe($written);
});

it('can say it in every family it applies to, offers nothing it forbids, and says why not', function (
    string $finding,
    array $deeds,
): void {
    $known = Knowledge::real();
    $sayable = 0;
    foreach ($known->families as $id => $kind) {
        $here = $known->findingsOf($kind);
        if (! isset($here[$finding])) {
            continue;
        }
        $sayable++;
        $isPlanned = $id === 'cube_opposed' || $id === 'float_side_pump';
        $answer = $here[$finding]->isGraded() ? Answer::Strong : Answer::Yes;
        foreach ([[], ['hard_to_start' => Answer::Strong], ['better_with_choke' => Answer::Yes]] as $more) {
            foreach (Offered::in($id, [$finding => $answer, ...$more], $more === [] && $isPlanned) as $name => $does) {
                expect(array_intersect($does, $deeds))
                    ->toBe([], "{$id}, {$finding}: {$name}");
            }
        }
        $notNow = PossibleChecks::of(
            $known,
            DiagnosisCase::of($known, $id, new Facts, [$finding => $answer]),
        )->notNow;
        expect(array_filter($notNow, fn (string $why): bool => str_starts_with($why, 'Not safe: ')))->not->toBe([]);
    }
    expect($sayable)->toBeGreaterThan(0);
})->with(Offered::rows());

it('lets fuel in the oil be said of every four-stroke, and a drip of every machine', function (): void {
    $known = Knowledge::real();
    foreach ($known->families as $kind) {
        $here = $known->findingsOf($kind);
        expect(isset($here['fuel_dripping']))->toBeTrue($kind->id)
            ->and(isset($here['hose_wet']))->toBeTrue($kind->id)
            ->and(isset($here['fuel_in_oil']))->toBe(in_array('four_stroke', $kind->traits, true), $kind->id);
    }
});

it('offers nothing forbidden in random states', function (int $round): void {
    $seed = (int) (getenv('SEED') ?: random_int(1, 1_000_000)) + $round;
    $chance = new Randomizer(new Mt19937($seed));
    $known = Knowledge::real();
    for ($i = 0; $i < 150; $i++) {
        [$family, $answers, $deeds] = Offered::anyState($known, $chance);
        foreach (Offered::in($family, $answers, $i === 0) as $name => $does) {
            expect(array_intersect($does, $deeds))
                ->toBe([], "SEED={$seed} state {$i}: {$name}");
        }
    }
})->with(range(1, 3));

it('does not run what will not start or has no spark', function (array $answers, string $why): void {
    $notNow = Knowledge::diagnose('float_pilot_jet', $answers)->notNow;
    expect($notNow['choke_run'])->toBe($why);
})->with([
    [['will_not_start' => 'yes'], 'It does not start.'],
    [['spark_poor' => 'strong'], 'There is no spark.'],
    [['fuel_in_oil' => 'yes', 'will_not_start' => 'yes'], 'Not safe: there is fuel in the oil.'],
]);
