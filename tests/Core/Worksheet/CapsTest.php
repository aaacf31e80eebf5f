<?php

declare(strict_types=1);

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Mixture\NextReason;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Run\RunBay;
use DustyJet\Worksheet\Run\RunSoFar;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Screws\SetBay;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Worksheet\Bench;

function capped(string $from, string $to, string $screw = 'high', string $family = 'cube_opposed'): Bench
{
    $bench = (new Bench($family))->count($screw, '1');

    return $bench->add(EntryKind::ScrewCapped, [
        'adjuster' => $screw,
        'from_units' => Turns::parse($from)->inUnits(),
        'to_units' => Turns::parse($to)->inUnits(),
    ]);
}

it('starts in the middle of the cap, and nowhere beyond it', function (): void {
    $state = capped('1', '1 1/2')->sheet()->of(Screws::class)->named('high');
    expect($state->caps?->middle()->inTurns())
        ->toBe(1.25)
        ->and($state->mayStartAt(Turns::parse('1 1/4')))
        ->toBeTrue()
        ->and($state->mayStartAt(Turns::parse('1 1/2')))
        ->toBeTrue()
        ->and($state->mayStartAt(Turns::parse('1 5/8')))
        ->toBeFalse();
});

it('proposes nothing beyond the cap, and says that it ends', function (): void {
    // L by its peak: speed still rises outward at the end of the cap.
    $bench = capped('3/4', '1 1/4', 'idle_mixture', 'float_pilot_jet')
        ->read('idle_mixture', '3/4', 1500)
        ->read('idle_mixture', '1', 1600);
    $judged = static fn (): mixed => RunSoFar::judged(
        $bench->sheet()->of(Screws::class)->named('idle_mixture'),
        $bench->family->card,
    );
    expect($judged()->nextTurns)->toBe(1.25);
    $bench->read('idle_mixture', '1 1/4', 1700);
    expect($judged()->nextTurns)
        ->toBeNull()
        ->and($judged()->reason)
        ->toBe(NextReason::AtItsCap)
        ->and($judged()->done)
        ->toBeTrue();
});

it('never offers H of a two-stroke a setting that its cap forbids: it asks why it is lean', function (): void {
    $bench = capped('1/4', '1/2')->set('high', '1/2')->read('high', '1/2', 13900);
    $move = (new RunBay)->moves($bench->sheet())[0];
    expect($move->do)
        ->toBe('Stop. Its cap lets it go no richer: find what makes it lean')
        ->and($move->station)
        ->toBe(Station::Intake);
});

it('keeps every proposal of a random run within its cap', function (): void {
    $seed = (int) (getenv('SEED') ?: random_int(1, 1_000_000));
    $chance = new Randomizer(new Mt19937($seed));
    $asked = 0;
    for ($run = 0; $run < 60; $run++) {
        $from = $chance->getInt(2, 8);
        $to = $from + $chance->getInt(2, 6);
        $screw = $chance->getInt(0, 1) === 0 ? 'high' : 'low';
        $bench = capped("{$from}/8", "{$to}/8", $screw);
        $peak = $chance->getInt(2, 20) / 8;
        for ($reading = 0; $reading < 5; $reading++) {
            $at = $chance->getInt($from, $to);
            $rpm = max(800, 12000 - 3000 * ($at / 8 - $peak) ** 2) + $chance->getInt(-40, 40);
            $bench->read($screw, "{$at}/8", $rpm);
            $state = $bench->sheet()->of(Screws::class)->named($screw);
            $result = RunSoFar::judged($state, $bench->family->card);
            foreach (array_filter([$result->nextTurns, $result->answer?->turns], is_float(...)) as $turns) {
                $asked++;
                expect($turns)->toBeGreaterThanOrEqual($from / 8, "seed {$seed}")->toBeLessThanOrEqual($to / 8, "seed {$seed}");
            }
        }
    }
    expect($asked)->toBeGreaterThan(60, "seed {$seed}");
});

it('refuses a cap that is none, and forgets it with the carburetor', function (): void {
    $cap = ['adjuster' => 'high', 'from_units' => 48, 'to_units' => 48];
    expect(fn () => capped('1', '2')->refuse(EntryKind::ScrewCapped, $cap))
        ->toThrow(UnreadableEntry::class, 'to_units')
        ->and(fn () => capped('1', '2')->refuse(EntryKind::ScrewCapped, ['adjuster' => 'third'] + $cap))
        ->toThrow(UnreadableEntry::class, 'third')
        ->and(capped('2', '1')->sheet()->of(Screws::class)->named('high')->caps)
        ->toBeNull()
        ->and(capped('1', '2')->sheet()->of(Screws::class)->named('high')->renewed()->caps)
        ->toBeNull();
});

it('sets no screw to a book that its cap forbids: the middle, and of H the rich end', function (): void {
    $move = static function (string $screw): string {
        $bench = capped('1/4', '1/2', $screw);
        $set = array_filter(
            (new SetBay)->moves($bench->all(Station::Strip)->all(Station::Clean)->all(Station::Build)->sheet()),
            static fn ($m): bool => $m->target === $screw,
        );

        return array_values($set)[0]->do;
    };
    expect($move('low'))
        ->toBe('Set the L needle to 3/8')
        ->and($move('high'))
        ->toBe('Set the H needle to 1/2')
        ->and(capped('3/4', '1 1/2')->sheet()->of(Screws::class)->named('high')->start()->inTurns())
        ->toBe(1.0);
});
