<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Belief;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\Hypotheses;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;

/**
 * Posterior of each fault by writing out every set of at most two faults and every level of every cause, with none of
 * the core's arithmetic: the level of a finding is the highest any cause reaches.
 *
 * @param  array<string, array{chance: float, minutes: float, shows: array<string, list<float>>}>  $faults
 * @param  array<string, list<float>>  $leaks
 * @param  array<string, Answer>  $answers
 *
 * @return array<string, float>
 */
function enumerated(array $faults, array $leaks, array $answers): array
{
    $names = array_keys($faults);
    $sets = [[]];
    foreach ($names as $i => $a) {
        $sets[] = [$a];
        foreach (array_slice($names, $i + 1) as $b) {
            $sets[] = [$a, $b];
        }
    }
    $total = 0.0;
    $sum = array_fill_keys($names, 0.0);
    foreach ($sets as $set) {
        // A machine that was brought in is seldom sound: none counts half.
        $p = $set === [] ? 0.5 : 1.0;
        foreach ($names as $name) {
            $p *= in_array($name, $set, true) ? $faults[$name]['chance'] : 1.0 - $faults[$name]['chance'];
        }
        foreach ($answers as $finding => $answer) {
            $causes = [
                $leaks[$finding],
                ...array_map(fn (string $f): array => $faults[$f]['shows'][$finding] ?? [0.0, 0.0], $set),
            ];
            $p *= chanceOf($answer, $causes, 0);
        }
        $total += $p;
        foreach ($set as $name) {
            $sum[$name] += $p;
        }
    }

    return array_map(fn (float $s): float => $s / $total, $sum);
}

/**
 * Chance that the causes together come out as the answer, by going through every level each of them may bring.
 *
 * @param  list<list<float>>  $causes chances of each level or more
 */
function chanceOf(Answer $answer, array $causes, int $reached): float
{
    if ($causes === []) {
        return match ($answer) {
            Answer::No => $reached === 0,
            Answer::Yes => $reached > 0,
            Answer::Some => $reached === 1,
            default => $reached === 2,
        }
            ? 1.0
            : 0.0;
    }
    $levels = array_shift($causes);
    $chance = 0.0;
    foreach ([...$levels, 0.0] as $level => $orMore) {
        $exactly = ($level === 0 ? 1.0 : $levels[$level - 1]) - $orMore;
        $chance += $exactly * chanceOf($answer, $causes, max($reached, $level));
    }

    return $chance;
}

it('is the exact posterior over none, singles and pairs', function (int $round): void {
    $seed = (int) (getenv('SEED') ?: 20260412) + $round;
    $chance = new Randomizer(new Mt19937($seed));
    $u = fn (float $a, float $b): float => $a + (($b - $a) * $chance->getInt(0, 1_000_000)) / 1_000_000;
    $leaks = [
        'c1' => [$u(0.01, 0.2)],
        'c2' => [($high = $u(0.05, 0.2)), $u(0.01, $high - 0.02)],
        't1' => [$u(0.01, 0.1)],
        't2' => [($high = $u(0.05, 0.2)), $u(0.01, $high - 0.02)],
    ];
    $faults = [];
    for ($i = 0; $i < 6; $i++) {
        $shows = [];
        foreach ($leaks as $finding => $levels) {
            $strong = $u(0.2, 0.95);
            $shows[$finding] = count($levels) === 1 ? [$strong] : [$strong, $u(0.01, $strong - 0.05)];
        }
        unset($shows[array_keys($leaks)[$chance->getInt(0, 3)]]);
        $faults["f{$i}"] = ['chance' => $u(0.005, 0.3), 'minutes' => 10.0, 'shows' => $shows];
    }
    // Every finding must be explained by something.
    $faults['f0']['shows'] = ['c1' => [0.5], 'c2' => [0.6, 0.3], 't1' => [0.7], 't2' => [0.4, 0.2]];
    $answers = [
        'c1' => Answer::Yes,
        'c2' => [Answer::Some, Answer::Strong, Answer::No, Answer::Yes][$chance->getInt(0, 3)],
        't1' => [Answer::Yes, Answer::No][$chance->getInt(0, 1)],
        't2' => [Answer::Some, Answer::Strong, Answer::No][$chance->getInt(0, 2)],
    ];

    $catalogue = Knowledge::small(
        array_map(
            fn (array $f): array => ['shows' => array_map(fn (array $s) => count($s) === 1 ? $s[0] : $s, $f['shows'])]
                + $f,
            $faults,
        ),
        array_map(fn (array $l) => count($l) === 1 ? $l[0] : $l, $leaks),
    );
    $case = DiagnosisCase::of($catalogue, 'f', new Facts, $answers);
    $hypotheses = new Hypotheses($catalogue->faults, $catalogue->findings, $case->facts);
    $chances = array_combine($hypotheses->faults, Belief::of($hypotheses, $case)->chances());

    foreach (enumerated($faults, $leaks, $answers) as $fault => $expected) {
        expect($chances[$fault])->toEqualWithDelta($expected, 1e-9, "SEED={$seed} {$fault}");
    }
})->with(range(1, 12));

it('is the published noisy-OR', function (): void {
    // Pearl, Probabilistic Reasoning in Intelligent Systems (1988), 4.3.2: P(no effect | causes) is the product of the
    // inhibitions q_i; with a leak, of 1 - leak as well.
    $catalogue = Knowledge::small(
        [
            'a' => ['chance' => 0.1, 'minutes' => 1.0, 'shows' => ['c1' => 0.8]],
            'b' => ['chance' => 0.2, 'minutes' => 1.0, 'shows' => ['c1' => 0.6]],
        ],
        ['c1' => 0.05],
    );
    $hypotheses = new Hypotheses($catalogue->faults, $catalogue->findings, new Facts);

    expect($hypotheses->likelihood('c1', Answer::No))
        ->toEqualWithDelta([0.95, 0.95 * 0.2, 0.95 * 0.4, 0.95 * 0.2 * 0.4], 1e-12)
        ->and($hypotheses->likelihood('c1', Answer::Yes)[3])
        ->toEqualWithDelta(1.0 - 0.076, 1e-12);
});

it('supposes some complaint until one is named', function (): void {
    $catalogue = Knowledge::small(
        [
            'loud' => ['chance' => 0.1, 'minutes' => 1.0, 'shows' => ['c1' => 0.9]],
            'quiet' => ['chance' => 0.1, 'minutes' => 1.0, 'shows' => ['t1' => 0.9]],
        ],
        ['c1' => 0.01, 't1' => 0.01],
    );
    $hypotheses = new Hypotheses($catalogue->faults, $catalogue->findings, new Facts);
    $silent = Belief::of($hypotheses, DiagnosisCase::of($catalogue, 'f', new Facts, []))->chances();
    $named = Belief::of($hypotheses, DiagnosisCase::of($catalogue, 'f', new Facts, ['c1' => Answer::Yes]))->chances();

    // The only complaint there is must be there: asked or not, the same.
    expect($silent)->toEqualWithDelta($named, 1e-12)->and($silent[0])->toBeGreaterThan(0.8);
});

it('learns nothing from what was not looked at or could not be told', function (): void {
    $plain = Knowledge::diagnose('float_pilot_jet', ['surges' => 'strong']);
    $more = Knowledge::diagnose('float_pilot_jet', [
        'surges' => 'strong',
        'plug_wet' => 'cannot_tell',
        'spark_poor' => 'not_looked',
    ]);

    expect($more->suspects[0]->probability)
        ->toBe($plain->suspects[0]->probability)
        ->and(array_column(array_column($more->checks, 'check'), 'id'))
        ->toContain('spark_test')
        ->not->toContain('plug_look');
});

it('raises what storage and old fuel raise', function (): void {
    $of = fn (Facts $facts): float => array_column(
        array_map(
            fn ($s): array => [$s->fault->id, $s->probability],
            Knowledge::diagnose('float_fixed_jet', ['hard_to_start' => 'some'], facts: $facts)->suspects,
        ),
        1,
        0,
    )['stale_fuel'];

    expect($of(new Facts(fuelAgeDays: 200)))
        ->toBeGreaterThan(2.0 * $of(new Facts(fuelAgeDays: 10)))
        ->and($of(new Facts(fuelAgeDays: 10)))
        ->toBe($of(new Facts));
});

it('explains itself in decibans that are the change of the odds', function (): void {
    $with = Knowledge::diagnose('cube_opposed', [
        'bogs' => 'yes',
        'fuel_smells_stale' => 'no',
        'hard_to_start' => 'strong',
    ]);
    $without = Knowledge::diagnose('cube_opposed', ['fuel_smells_stale' => 'no', 'hard_to_start' => 'strong']);
    $leader = $with->suspects[0];
    $before = array_values(array_filter($without->suspects, fn ($s): bool => $s->fault->id === $leader->fault->id))[0]
        ->probability;
    $odds = fn (float $p): float => $p / (1.0 - $p);
    $bogs = array_values(array_filter($leader->because, fn ($e): bool => $e->finding === 'bogs'))[0];

    expect($leader->fault->id)
        ->toBe('metering_diaphragm_stiff')
        ->and($bogs->decibans)
        ->toEqualWithDelta(10.0 * log10($odds($leader->probability) / $odds($before)), 1e-9);
});
