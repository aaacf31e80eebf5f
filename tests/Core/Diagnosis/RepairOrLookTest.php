<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\Hypotheses;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;

/**
 * A world small enough to be played out whole: three faults, two looks at a minute each, a last resort.
 *
 * @phpstan-type World array{faults: list<int>, weight: float}
 */
final class SmallWorld
{
    /**
     * @param  list<float>  $minutes of each repair
     * @param  list<list<float>>  $shows strength of each fault for each look
     * @param  list<float>  $leaks of each look
     */
    public function __construct(
        private array $minutes,
        private array $shows,
        private array $leaks,
        private float $lastResort,
    ) {
    }

    /**
     * Fewest expected minutes from here on, by trying every policy there is.
     *
     * @param  list<World>  $worlds still broken
     * @param  list<int>  $looked
     * @param  list<int>  $repaired
     */
    public function best(array $worlds, array $looked = [], array $repaired = []): float
    {
        $weight = array_sum(array_column($worlds, 'weight'));
        $best = $this->lastResort * $weight;
        if ($weight < 1e-12) {
            return 0.0;
        }
        for ($k = 0; $k < count($this->leaks); $k++) {
            if (! in_array($k, $looked, true)) {
                $best = min($best, $this->looking($k, $worlds, $looked, $repaired));
            }
        }
        for ($i = 0; $i < count($this->minutes); $i++) {
            if (! in_array($i, $repaired, true)) {
                $best = min($best, $this->repairing($i, $worlds, $looked, $repaired));
            }
        }

        return $best;
    }

    /**
     * @param  list<World>  $worlds
     * @param  list<int>  $looked
     * @param  list<int>  $repaired
     */
    public function looking(int $k, array $worlds, array $looked = [], array $repaired = []): float
    {
        $minutes = array_sum(array_column($worlds, 'weight'));
        foreach ([true, false] as $yes) {
            $so = [];
            foreach ($worlds as $world) {
                $no = 1.0 - $this->leaks[$k];
                foreach ($world['faults'] as $i) {
                    $no *= 1.0 - $this->shows[$i][$k];
                }
                $so[] = ['weight' => $world['weight'] * ($yes ? 1.0 - $no : $no)] + $world;
            }
            $minutes += $this->best($so, [...$looked, $k], $repaired);
        }

        return $minutes;
    }

    /**
     * @param  list<World>  $worlds
     * @param  list<int>  $looked
     * @param  list<int>  $repaired
     */
    public function repairing(int $i, array $worlds, array $looked = [], array $repaired = []): float
    {
        $repaired[] = $i;
        $left = array_filter(
            $worlds,
            static fn (array $w): bool => $w['faults'] === [] || array_diff($w['faults'], $repaired) !== [],
        );

        return $this->minutes[$i] * array_sum(array_column($worlds, 'weight'))
            + $this->best(array_values($left), $looked, $repaired);
    }
}

it('begins as the best of all policies would, or loses little by it', function (): void {
    $seed = (int) (getenv('SEED') ?: 20261129);
    $chance = new Randomizer(new Mt19937($seed));
    $u = static fn (float $a, float $b): float => $a + ($b - $a) * $chance->getInt(0, 1_000_000) / 1_000_000;
    $repairs = $same = 0;
    $lost = $lookingOnly = 0.0;
    for ($round = 0; $round < 40; $round++) {
        $faults = $shows = $minutes = [];
        for ($i = 0; $i < 3; $i++) {
            $shows[] = [$u(0.0, 0.95), $u(0.0, 0.95)];
            $minutes[] = $u(3.0, 50.0);
            $faults["f{$i}"] = [
                'chance' => $u(0.02, 0.4),
                'minutes' => $minutes[$i],
                'shows' => ['c1' => 0.9, 't1' => $shows[$i][0], 't2' => $shows[$i][1]],
            ];
        }
        $known = Knowledge::small($faults, ['c1' => 0.02, 't1' => 0.05, 't2' => 0.05], 150.0);
        $case = DiagnosisCase::of($known, 'f', new Facts, ['c1' => Answer::Yes]);
        $diagnosis = Diagnosis::of($known, $case, 0);
        $hypotheses = new Hypotheses($known->faults, $known->findings, new Facts);
        $worlds = [];
        $weights = DustyJet\Diagnosis\Belief::of($hypotheses, $case)->weights;
        foreach ($weights as $h => $weight) {
            $pair = [$hypotheses->first[$h], $hypotheses->second[$h]];
            $worlds[] = ['faults' => array_values(array_filter($pair, fn (int $i): bool => $i >= 0)), 'weight' => $weight];
        }
        $world = new SmallWorld($minutes, $shows, [0.05, 0.05], 150.0);
        $best = $world->best($worlds);
        $look = $diagnosis->nextCheck();
        $mine = match (true) {
            $look !== null => $world->looking($look->check->id === 't1_check' ? 0 : 1, $worlds),
            $diagnosis->plan === [] => 150.0,
            default => $world->repairing((int) substr($diagnosis->plan[0]->id, 1), $worlds),
        };
        $repairs += $look === null ? 1 : 0;
        $same += $mine - $best < 1e-9 ? 1 : 0;
        $lost += $mine / $best - 1.0;
        $lookingOnly += min($world->looking(0, $worlds), $world->looking(1, $worlds)) / $best - 1.0;

        expect($mine)->toBeLessThan(1.12 * $best, "SEED={$seed} round {$round}");
    }

    // Measured: the mean loss is well under one percent; looking first whatever the case loses more.
    expect($lost / 40)
        ->toBeLessThan(0.01, "SEED={$seed}")
        ->and($lost)
        ->toBeLessThan($lookingOnly, "SEED={$seed}")
        ->and($same)
        ->toBeGreaterThan(25, "SEED={$seed}")
        ->and($repairs)
        ->toBeGreaterThan(5, "SEED={$seed}")
        ->toBeLessThan(40, "SEED={$seed}");
});

it('keeps of the weights what a repair does not cure', function (): void {
    $known = Knowledge::small(
        array_fill_keys(['a', 'b', 'c'], ['chance' => 0.1, 'minutes' => 10.0, 'shows' => ['c1' => 0.9]]),
        ['c1' => 0.01],
    );
    $hypotheses = new Hypotheses($known->faults, $known->findings, new Facts);
    // None, a, b, c, a and b, a and c, b and c.
    $weights = [0.01, 0.2, 0.3, 0.1, 0.19, 0.15, 0.05];

    expect($hypotheses->leftAfter([0 => true], $weights))
        ->toEqualWithDelta([0.01, 0.0, 0.3 + 0.19, 0.1 + 0.15, 0.0, 0.0, 0.05], 1e-12)
        ->and($hypotheses->leftAfter([true, false, true], $weights))
        ->toEqualWithDelta([0.01, 0.0, 0.3 + 0.19 + 0.05, 0.0, 0.0, 0.0, 0.0], 1e-12);
});
