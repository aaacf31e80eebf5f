<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Belief;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Deed;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\Hypotheses;
use DustyJet\Diagnosis\RebuildOrReplace;
use DustyJet\Diagnosis\Safety;
use DustyJet\Diagnosis\Season;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;

/** Anything a case may hold, drawn without regard to sense. */
function anyCase(Catalogue $known, Randomizer $chance): DiagnosisCase
{
    $some = fn (array $of, int $most): array => $chance->pickArrayKeys($of, min(count($of), $chance->getInt(1, $most)));
    $family = $known->families[$chance->pickArrayKeys($known->families, 1)[0]];
    $answers = [];
    foreach ($some($known->findingsOf($family), 40) as $finding) {
        $answer = Answer::cases()[$chance->getInt(0, count(Answer::cases()) - 1)];
        $graded = $answer === Answer::Some || $answer === Answer::Strong;
        $answers[$finding] = $graded && ! $known->findings[$finding]->isGraded() ? Answer::Yes : $answer;
    }
    $done
        = $chance->getInt(0, 1) === 0
            ? []
            : [...$some($known->checks, 12), ...$some($known->access, 3), ...$some($known->faultsOf($family), 4)];
    $unavailable = $chance->getInt(0, 1) === 0 ? [] : [...$some($known->checks, 20), 'pressure pump'];
    $facts = new Facts(
        $chance->getInt(0, 1) === 0 ? null : $chance->getInt(0, 36500),
        $chance->getInt(0, 1) === 0 ? null : $chance->getInt(0, 36500),
        [null, ...Season::cases()][$chance->getInt(0, 4)],
    );

    return DiagnosisCase::of($known, $family->id, $facts, $answers, $done, $unavailable);
}

it('makes something sensible of any case', function (int $round): void {
    $seed = (int) (getenv('SEED') ?: random_int(1, 1_000_000)) + $round;
    $chance = new Randomizer(new Mt19937($seed));
    $known = Knowledge::real();
    for ($i = 0; $i < 6; $i++) {
        $case = anyCase($known, $chance);
        $where = "SEED={$seed} case {$i} of {$case->family->id}";
        $diagnosis = Diagnosis::of($known, $case, 3);
        $sum = $diagnosis->unexplained;
        $last = 1.0;
        foreach ($diagnosis->suspects as $suspect) {
            expect(
                is_finite($suspect->probability)
                    && $suspect->probability >= 0.0
                    && $suspect->probability <= $last + 1e-12,
            )->toBeTrue($where);
            $last = $suspect->probability;
            $sum += $suspect->probability;
        }
        // Every hypothesis but none holds one or two of the suspects.
        expect($sum)
            ->toBeGreaterThan(1.0 - 1e-9, $where)
            ->toBeLessThan(2.0 + 1e-9, $where);
        foreach ($diagnosis->checks as $ranked) {
            expect(is_finite($ranked->gain) && $ranked->minutes > 0.0)
                ->toBeTrue("{$where}: {$ranked->check->id}")
                ->and(array_sum(array_column($ranked->outcomes, 'probability')))
                ->toEqualWithDelta(1.0, 1e-6, "{$where}: {$ranked->check->id}");
        }
        $estimate = RebuildOrReplace::of($diagnosis, $known->costs);
        expect($diagnosis->expectedMinutes())
            ->toBeGreaterThan(0.0, $where)
            // Another carburetor, and as much again where it was for nothing.
            ->toBeLessThanOrEqual(2.0 * $known->costs->lastResortMinutes() + 1e-6, $where)
            ->and($estimate->rebuildCents)
            ->toBeGreaterThan(0, $where)
            ->and($diagnosis->inCarburetor)
            ->toBeGreaterThanOrEqual($diagnosis->bodyIsScrap - 1e-9, $where);
    }
})->with(range(1, 8));

it('keeps to what is safe and possible in any case', function (int $round): void {
    $seed = (int) (getenv('SEED') ?: random_int(1, 1_000_000)) + $round;
    $chance = new Randomizer(new Mt19937($seed));
    $known = Knowledge::real();
    for ($i = 0; $i < 6; $i++) {
        $case = anyCase($known, $chance);
        $there = fn (string $f): bool => ($case->answers[$f] ?? Answer::NotLooked)->isThere();
        $danger = ! Safety::of($known, $case->answers)->allows([Deed::Start]);
        $isOpen = array_filter($case->open, fn (string $a): bool => ! $known->access[$a]->engineRuns) !== [];
        foreach (Diagnosis::of($known, $case, 0)->checks as $ranked) {
            $check = $ranked->check;
            $where = "SEED={$seed} case {$i} of {$case->family->id}: {$check->id}";
            expect($check->needs->startsEngine && ($danger || $isOpen))
                ->toBeFalse($where)
                ->and(in_array($check->id, [...$case->checksDone, ...$case->unavailable], true))
                ->toBeFalse($where)
                ->and(array_intersect($check->needs->tools, $case->unavailable))
                ->toBe([], $where)
                ->and($check->onlyAfter === null || $there($check->onlyAfter))
                ->toBeTrue($where);
        }
    }
})->with(range(1, 8));

it('believes a fault more for each thing it brings, and less for each it should have brought', function (): void {
    $known = Knowledge::real();
    foreach ($known->families as $family) {
        $hypotheses = new Hypotheses($known->faultsOf($family), $known->findingsOf($family), new Facts);
        $of = fn (array $answers, string $fault): float => Belief::of(
            $hypotheses,
            DiagnosisCase::of($known, $family->id, new Facts, $answers),
        )->chances()[array_search($fault, $hypotheses->faults, true)];
        $complaint = ['hard_to_start' => Answer::Some];
        foreach ($known->faultsOf($family) as $fault) {
            // The finding that confirms it: shown most surely, whatever family it is.
            $confirming = array_filter(
                $fault->shows,
                fn (array $s, string $f): bool => $s[0] >= 0.9 && isset($known->findingsOf($family)[$f]),
                ARRAY_FILTER_USE_BOTH,
            );
            $finding = array_key_first($confirming);
            if ($finding === null) {
                continue;
            }
            $before = $of($complaint, $fault->id);
            expect($of([...$complaint, $finding => Answer::Yes], $fault->id))
                ->toBeGreaterThan($before, "{$family->id} {$fault->id} {$finding}")
                ->and($of([...$complaint, $finding => Answer::No], $fault->id))
                ->toBeLessThan($before, "{$family->id} {$fault->id} {$finding}");
        }
    }
});

it('loses by no check more than its minutes, its risk and what its plan is off by', function (): void {
    $diagnosis = Knowledge::diagnose('cube_opposed', ['bogs' => 'yes']);
    // The plan of repairs is within 3 % of the best order there is, not the best itself.
    $slack = 0.03 * $diagnosis->repairMinutes;
    foreach ($diagnosis->checks as $ranked) {
        // A look may be worthless, but it cannot cost more than its own minutes and its risk.
        expect($ranked->gain)->toBeGreaterThanOrEqual(
            -$ranked->minutes - $ranked->check->risk->minutes - $slack,
            $ranked->check->id,
        );
    }
});

it('answers in the same words, asked twice', function (): void {
    $case = anyCase(Knowledge::real(), new Randomizer(new Mt19937(5)));

    expect(Diagnosis::of(Knowledge::real(), $case))->toEqual(Diagnosis::of(Knowledge::real(), $case));
});

it('says the same of a case by the knowledge of its family alone', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $known = Knowledge::real();
    for ($i = 0; $i < 8; $i++) {
        $case = anyCase($known, $chance);
        $alone = $known->of($case->family);
        $where = "SEED={$seed} case {$i} of {$case->family->id}";

        expect(Diagnosis::of($alone, $case, 3))->toEqual(Diagnosis::of($known, $case, 3), $where)
            ->and($alone->checksOf($case->family))->toEqual($known->checksOf($case->family), $where)
            ->and($alone->flowsOf($case->family))->toEqual($known->flowsOf($case->family), $where)
            ->and(array_keys($alone->families))->toBe([$case->family->id])
            ->and(count($alone->faults) < count($known->faults) && count($alone->checks) < count($known->checks))
            ->toBeTrue($where);
    }
});
