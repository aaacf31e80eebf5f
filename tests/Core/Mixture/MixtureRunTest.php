<?php

declare(strict_types=1);

use DustyJet\Mixture\MixtureCsv;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\NextReason;
use DustyJet\Mixture\School;
use DustyJet\Mixture\UnusableRun;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @param  array<array-key, float>  $speeds turns => rpm */
function readings(array $speeds): array
{
    return array_map(
        fn (string|int $turns, float $rpm): MixtureReading => new MixtureReading(
            Turns::parse((string) $turns),
            RotationalSpeed::ofRpm($rpm),
        ),
        array_keys($speeds),
        $speeds,
    );
}

/** A made-up engine: a parabola in ln(turns), so that the true answers are known in closed form. */
function speedAt(float $turns, float $peak, float $top = 1800.0, float $bend = 900.0): float
{
    return max(300.0, $top - $bend * log($turns / $peak) ** 2);
}

it('finds the peak of an exact parabola in ln turns', function (float $peak): void {
    $run = [];
    foreach ([0.75, 1.0, 1.25, 1.5, 1.75, 2.0, 2.25] as $turns) {
        $run[(string) Turns::nearestTo($turns)] = speedAt($turns, $peak);
    }
    $result = MixtureRun::judge(readings($run), School::Peak);

    expect($result->peakTurns)
        ->toEqualWithDelta($peak, 1e-6)
        ->and($result->peakRpm)
        ->toEqualWithDelta(1800.0, 1e-6)
        ->and($result->peakLowTurns)
        ->toBeLessThan($peak)
        ->and($result->peakHighTurns)
        ->toBeGreaterThan($peak)
        ->and($result->done)
        ->toBeTrue()
        ->and($result->nextTurns)
        ->toBeNull();
})->with([1.1, 1.4, 1.6]);

it('puts the midpoint between the two edges five per cent below the peak', function (): void {
    $run = [];
    foreach (range(0.5, 3.5, 0.25) as $turns) {
        $run[(string) Turns::nearestTo($turns)] = speedAt($turns, 1.5);
    }
    $result = MixtureRun::judge(readings($run), School::Midpoint);
    $reach = sqrt((0.05 * 1800.0) / 900.0);

    // Edges of the parabola in closed form: 1.5 exp(-/+ sqrt(0.1)).
    expect($result->recommendedTurns)
        ->toEqualWithDelta(0.5 * (1.5 * exp(-$reach) + 1.5 * exp($reach)), 1e-3)
        ->and($result->edges->leanTurns)
        ->toEqualWithDelta(1.5 * exp(-$reach), 1e-3)
        ->and($result->edges->richTurns)
        ->toEqualWithDelta(1.5 * exp($reach), 1e-3);
});

it('falls back to the lean edge and the card where there is no rich edge', function (): void {
    $run = ['3/4' => 1500.0, '1' => 1640.0, '1 1/2' => 1770.0, '2' => 1800.0, '2 1/4' => 1798.0, '2 1/2' => 1795.0];
    $result = MixtureRun::judge(readings($run), School::Midpoint, travelTurns: 2.5, cardOffsetTurns: 0.5);

    expect($result->edges->isRichMissing)
        ->toBeTrue()
        ->and($result->recommendedTurns)
        ->toEqualWithDelta(($result->edges->leanTurns ?? 0) + 0.5, 1e-9);
});

it('goes on from the lean side in quarter turns until the peak is behind it', function (): void {
    expect(MixtureRun::judge(readings(['1' => 1500.0]), School::Peak)->nextTurns)
        ->toBe(1.25)
        ->and(MixtureRun::judge(readings(['1' => 1500.0, '1 1/4' => 1600.0]), School::Peak)->nextTurns)
        ->toBe(1.5)
        ->and(
            MixtureRun::judge(readings(['1' => 1500.0, '1 1/4' => 1600.0, '1 1/2' => 1650.0]), School::Peak)->nextTurns,
        )
        ->toBe(1.75)
        ->and(MixtureRun::judge(readings(['1' => 1600.0, '1 1/4' => 1500.0]), School::Peak)->nextTurns)
        ->toBe(0.75);
});

it('turns an air screw the other way', function (): void {
    expect(MixtureRun::judge(readings(['2' => 1500.0]), School::Peak, outIsRicher: false)->nextTurns)
        ->toBe(1.75)
        ->and(
            MixtureRun::judge(readings(['2' => 1500.0, '1 3/4' => 1600.0]), School::Peak, outIsRicher: false)
                ->nextTurns,
        )
        ->toBe(1.5);
});

it('never asks for a setting that was read already, nor below seated', function (): void {
    $run = ['1/8' => 1700.0];
    for ($i = 0; $i < 12; $i++) {
        $result = MixtureRun::judge(readings($run), School::Peak);
        if ($result->nextTurns === null) {
            break;
        }
        expect($result->nextTurns)->toBeGreaterThan(0.0);
        $next = (string) Turns::nearestTo($result->nextTurns);
        $run[$next] = speedAt($result->nextTurns, 1.3) + 10 * ($i % 2);
    }
    expect($result->done)->toBeTrue();
});

it('is not led astray by one misread tachometer', function (): void {
    $run = [
        '3/4' => 1450.0,
        '1' => 1600.0,
        '1 1/4' => 1700.0,
        '1 1/2' => 1740.0,
        '1 3/4' => 1730.0,
        '2' => 1690.0,
        '2 1/4' => 1640.0,
    ];
    $clean = MixtureRun::judge(readings($run), School::Peak)->peakTurns;
    $run['2'] = 1400.0;

    expect(MixtureRun::judge(readings($run), School::Peak)->peakTurns)->toEqualWithDelta($clean, 0.08);
});

it('ends near the best on random engines, in few readings', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $uniform = fn (float $a, float $b): float => $a + (($b - $a) * $chance->getInt(0, 1_000_000)) / 1_000_000;
    $near = $taken = 0;
    for ($engine = 0; $engine < 200; $engine++) {
        $peak = $uniform(0.9, 2.5);
        $bend = $uniform(500.0, 2500.0);
        $turns = Turns::nearestEighthTo(max(0.25, $peak + $uniform(-0.75, 0.0)));
        $run = [];
        for ($i = 0; $i < 16; $i++) {
            $noise = 15.0 * sqrt(-2 * log($uniform(1e-9, 1))) * cos(2 * M_PI * $uniform(0, 1));
            $run[] = new MixtureReading(
                $turns,
                RotationalSpeed::ofRpm(speedAt($turns->inTurns(), $peak, 1800.0, $bend) + $noise),
            );
            $result = MixtureRun::judge($run, School::Peak);
            if ($result->done || $result->nextTurns === null) {
                break;
            }
            $turns = Turns::nearestTo($result->nextTurns);
        }
        $left = $result->recommendedTurns ?? $turns->inTurns();
        $taken += count($run);
        $near += abs($left - $peak) <= 0.125 || speedAt($left, $peak, 1800.0, $bend) >= 1785.0 ? 1 : 0;
    }

    expect($near)
        ->toBeGreaterThanOrEqual(190, "SEED={$seed}")
        ->and($taken / 200)
        ->toBeLessThan(9.0, "SEED={$seed}");
});

it('reads a CSV and refuses a bad one by its line', function (): void {
    expect(MixtureCsv::parse("turns,rpm\n1 3/4,1700\n2,1650\n"))
        ->toHaveCount(2)
        ->and(MixtureCsv::parse("\xEF\xBB\xBFturns;rpm\r\n1,75;1700,5\r\n")[0]->speed->inRpm())
        ->toBe(1700.5);
    foreach (
        [
            "rpm,turns\n",
            "turns,rpm\n",
            "turns,rpm\n99,1700\n",
            "turns,rpm\n1,NaN\n",
            "turns,rpm\n1,-5\n",
            "turns,rpm\n1\n",
            "turns,rpm\n1,99999\n",
            "turns,rpm\n1.76,1700\n",
        ] as $bad
    ) {
        expect(fn () => MixtureCsv::parse($bad))->toThrow(UnusableRun::class);
    }
    expect(fn () => MixtureCsv::parse("turns,rpm\n1,1700\n99,1700\n"))->toThrow(UnusableRun::class, 'Line 3');
});

it('gives a reason in words for every answer', function (NextReason $reason): void {
    expect($reason->sentence())->toEndWith('.');
})->with(NextReason::cases());

it('draws no curve through fewer than three settings, however often they were read', function (): void {
    $run = [
        ...readings(['1' => 1500.0, '1 1/2' => 1600.0]),
        ...readings(['1' => 1502.0, '1 1/2' => 1603.0]),
    ];

    expect(MixtureRun::judge($run, School::Peak)->curve)->toBe([]);
});

it('draws five settings as a parabola, whatever they look like', function (): void {
    // Steep on the lean side: a cubic would fit it, and five readings do not earn one.
    $run = ['3/4' => 1300.0, '1' => 1650.0, '1 1/4' => 1780.0, '1 3/4' => 1800.0, '2 1/2' => 1760.0];
    $curve = MixtureRun::judge(readings($run), School::Midpoint)->curve;
    $x = array_map(static fn (array $p): float => log($p[0]), $curve);
    $n = count($curve);
    // Third divided difference over four spread points: none of a parabola in ln turns.
    $at = array_map(static fn (float $share): int => (int) round($share * ($n - 1)), [0.0, 0.3, 0.65, 1.0]);
    $difference = 0.0;
    foreach ($at as $i) {
        $term = $curve[$i][1];
        foreach ($at as $j) {
            $term /= $i === $j ? 1.0 : $x[$i] - $x[$j];
        }
        $difference += $term;
    }

    expect($n)->toBeGreaterThan(10)->and(abs($difference))->toBeLessThan(1e-6);
});

it('sends nobody to a setting that was tried, and no further than it must', function (): void {
    $seed = (int) (getenv('SEED') ?: 20261129);
    $chance = new Randomizer(new Mt19937($seed));
    $asked = 0;
    for ($round = 0; $round < 1500; $round++) {
        $peak = 1.0 + $chance->getInt(0, 100) / 100.0;
        $run = [];
        foreach ($chance->pickArrayKeys(array_flip(range(4, 24)), 6) as $eighths) {
            $turns = $eighths / 8.0;
            $run[(string) Turns::nearestTo($turns)] = speedAt($turns, $peak) + $chance->getInt(-12, 12);
        }
        $result = MixtureRun::judge(readings($run), School::Midpoint);
        if ($result->nextTurns === null || $result->recommendedTurns === null) {
            continue;
        }
        $asked++;
        $tried = array_map(static fn (MixtureReading $r): float => $r->turns->inTurns(), readings($run));
        $free = array_filter(
            array_map(static fn (int $e): float => $e / 8.0, range(1, 48)),
            static fn (float $t): bool => min(array_map(static fn (float $o): float => abs($o - $t), $tried)) > 0.06,
        );
        $nearest = min(array_map(static fn (float $t): float => abs($t - $result->recommendedTurns), $free));

        // Rounded to the eighth first, so half an eighth may be lost either way.
        expect(abs($result->nextTurns - $result->recommendedTurns))
            ->toBeLessThanOrEqual($nearest + 0.125 + 1e-9, "SEED={$seed} round {$round}")
            ->and(min(array_map(static fn (float $o): float => abs($o - $result->nextTurns), $tried)))
            ->toBeGreaterThan(0.06, "SEED={$seed} round {$round}");
    }

    expect($asked)->toBeGreaterThan(15, "SEED={$seed}");
});

it('calls a peak found only where it fell clearly on both sides', function (): void {
    // Two tachometer noises of 10 rpm each are needed; the rich end is only some 8 rpm below the fastest.
    $flat = ['3/4' => 1700.0, '1' => 1760.0, '1 1/4' => 1788.0, '1 1/2' => 1798.0, '1 3/4' => 1798.0, '2' => 1792.0];
    $round = ['3/4' => 1700.0, '1' => 1760.0, '1 1/4' => 1790.0, '1 1/2' => 1795.0, '1 3/4' => 1785.0, '2' => 1755.0];

    expect(MixtureRun::judge(readings($flat), School::Peak)->done)
        ->toBeFalse()
        ->and(MixtureRun::judge(readings($round), School::Peak)->done)
        ->toBeTrue();
});
