<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Belief;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\Hypotheses;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;

/**
 * The faults of a machine that came in, drawn from the knowledge, and what its customer says: each fault shows itself
 * or not by its own chance, and so does chance alone.
 *
 * @return array{0: list<string>, 1: array<string, Answer>}
 */
function cameIn(CarburetorKind $family, Hypotheses $hypotheses, Randomizer $chance): array
{
    $prior = $hypotheses->prior();
    $u = static fn (): float => $chance->getInt(0, (1 << 30) - 1) / (1 << 30);
    do {
        $left = $u();
        foreach ($prior as $h => $weight) {
            $left -= $weight;
            if ($left < 0.0) {
                break;
            }
        }
        $indices = array_filter([$hypotheses->first[$h], $hypotheses->second[$h]], static fn (int $i): bool => $i >= 0);
        $faults = array_map(static fn (int $i): string => $hypotheses->faults[$i], array_values($indices));
        $said = [];
        foreach ($hypotheses->findings as $id => $finding) {
            if (! $finding->isComplaint()) {
                continue;
            }
            $shows = array_map(static fn (string $f): array => $hypotheses->faultsById[$f]->shows[$id] ?? [], $faults);
            $level = 0;
            foreach ([$finding->leak, ...$shows] as $strengths) {
                $drawn = $u();
                $level = max($level, count(array_filter($strengths, static fn (float $s): bool => $drawn < $s)));
            }
            if ($level > 0) {
                $said[$id] = match (true) {
                    ! $finding->isGraded() => Answer::Yes,
                    default => $level === 2 ? Answer::Strong : Answer::Some,
                };
            }
        }
    } while ($faults === [] || $said === []);

    return [$faults, $said];
}

it('is right as often as it says, of machines drawn from what it knows', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $bins = array_fill(0, 5, ['said' => 0.0, 'right' => 0, 'of' => 0, 'spread' => 0.0]);
    foreach (Knowledge::real()->families as $id => $family) {
        $hypotheses = new Hypotheses(
            Knowledge::real()->faultsOf($family),
            Knowledge::real()->findingsOf($family),
            new Facts,
        );
        for ($machine = 0; $machine < 60; $machine++) {
            [$faults, $said] = cameIn($family, $hypotheses, $chance);
            $case = DiagnosisCase::of(Knowledge::real(), $id, new Facts, $said);
            foreach (Belief::of($hypotheses, $case)->chances() as $i => $p) {
                $bin = min(4, (int) floor(5.0 * $p));
                $isRight = in_array($hypotheses->faults[$i] ?? $i, $faults, true);
                $bins[$bin]['said'] += $p;
                $bins[$bin]['of']++;
                $bins[$bin]['right'] += $isRight ? 1 : 0;
                $bins[$bin]['spread'] += $p * (1.0 - $p);
            }
        }
    }
    foreach ($bins as $i => $bin) {
        // What is said may be off by a twentieth, and by three standard deviations of these machines.
        $off = abs($bin['said'] - $bin['right']) / $bin['of'];
        $most = 0.05 + (3.0 * sqrt($bin['spread'])) / $bin['of'];
        expect($off)->toBeLessThan($most, "SEED={$seed} bin {$i} ".json_encode($bin));
    }
});

it('believes of a machine that was brought in that something is wrong with it', function (string $complaint): void {
    $leaders = [];
    foreach (array_keys(Knowledge::real()->families) as $family) {
        $diagnosis = Knowledge::diagnose($family, [$complaint => 'yes']);
        expect($diagnosis->unexplained)->toBeLessThan(0.15, $family);
        $leaders[] = $diagnosis->leader()->probability ?? 0.0;
    }

    expect(array_sum($leaders) / count($leaders))->toBeGreaterThan(0.1);
})->with(['floods', 'surges', 'will_not_start', 'no_power', 'will_not_idle', 'bogs', 'fuel_dripping']);
