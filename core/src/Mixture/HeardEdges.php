<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * Where the lean stumble ends and the rich one begins, by what was heard: every pair of edges on a fine rule, each with
 * its weight. An ear places an edge with a spread in turns and slips now and then: a logistic curve for each side (Berkson,
 * J. Amer. Statist. Assoc. 39 (1944) 357). Prior: the smooth is a quarter to two turns wide, the narrower the likelier; a
 * wider one counts as two, so that a needle with no rich edge to be heard is left a turn rich of the lean one. From memory.
 *
 * @internal
 */
final readonly class HeardEdges
{
    private const RULE_TURNS = 0.0625;

    /** A needle's mixture changes slowly where it is rich: the rich edge is heard less sharply, in turns. */
    private const EAR_TURNS = [0.08, 0.16];

    /** A logistic curve so steep is nearest to a normal one of that spread. */
    private const STEEP = 1.702;

    private const SLIP = 0.01;

    private const NARROWEST = 0.25;

    public const WIDEST = 2.0;

    /** What is nearly the widest is not heard to end. */
    private const VAGUE = 0.25;

    /** Of the likeliest pair, what counts at all. */
    private const COUNTS = 1e-3;

    /** What the model itself may be off, added to each end of an interval. From memory: bench/mixture.php. */
    private const MODEL_TURNS = 0.03;

    /** @param  non-empty-list<array{lean: float, rich: float, answer: float, weight: float}>  $pairs turns, richer is more */
    private function __construct(private array $pairs, private MixtureScrew $screw)
    {
    }

    /** @param  list<array{0: float, 1: int}>  $heard turns, richer is more, and the side: -1, 0 or 1 */
    public static function of(array $heard, MixtureScrew $screw): self
    {
        [$low, $high] = $screw->outIsRicher ? [0.0, $screw->travel] : [-$screw->travel, 0.0];
        $all = [];
        for ($lean = $low; $lean < $high; $lean += self::RULE_TURNS) {
            for ($width = self::NARROWEST; $width <= self::WIDEST; $width += self::RULE_TURNS) {
                $weight = 1.0 / $width;
                foreach ($heard as [$at, $side]) {
                    $weight *= self::chance($at, $side, $lean, $lean + $width);
                }
                $all[] = ['lean' => $lean, 'rich' => $lean + $width, 'answer' => 0.0, 'weight' => $weight];
            }
        }
        $least = self::COUNTS * max([0.0, ...array_column($all, 'weight')]);
        $kept = array_values(array_filter($all, static fn (array $p): bool => $p['weight'] >= $least));
        $sum = array_sum(array_column($kept, 'weight'));
        foreach ($kept as $i => $pair) {
            $kept[$i]['weight'] = $pair['weight'] / $sum;
            $kept[$i]['answer'] = min($high, 0.5 * ($pair['lean'] + $pair['rich']));
        }
        \assert($kept !== []);

        return new self($kept, $screw);
    }

    /** The middle answer, and the interval that holds it 95 times in 100. */
    public function answer(): Estimate
    {
        $by = $this->pairs;
        usort($by, static fn (array $a, array $b): int => $a['answer'] <=> $b['answer']);
        $found = [];
        $sum = 0.0;
        foreach ($by as $pair) {
            $sum += $pair['weight'];
            while (count($found) < 3 && $sum >= [0.025, 0.5, 0.975][count($found)] - 1e-9) {
                $found[] = $pair['answer'];
            }
        }
        [$low, $middle, $high] = $this->screw->outIsRicher ? $found : [-$found[2], -$found[1], -$found[0]];

        return new Estimate($middle, max(0.0, $low - self::MODEL_TURNS), $high + self::MODEL_TURNS);
    }

    /** Chance that the answer lies within so many turns of a setting. */
    public function sureOf(float $turns, float $within): float
    {
        $sure = 0.0;
        foreach ($this->pairs as $pair) {
            $sure += abs($pair['answer'] - $this->screw->rich() * $turns) <= $within ? $pair['weight'] : 0.0;
        }

        return $sure;
    }

    /** The edges in the mean; no rich one where none is heard within two turns of the lean one. */
    public function middle(): Edges
    {
        $lean = $rich = 0.0;
        foreach ($this->pairs as $pair) {
            $lean += $pair['weight'] * $pair['lean'];
            $rich += $pair['weight'] * $pair['rich'];
        }
        $isMissing = $rich - $lean > self::WIDEST - self::VAGUE;

        return new Edges(abs($lean), $isMissing ? null : abs($rich), $isMissing);
    }

    /**
     * The setting whose sound is expected to take most of the doubt about the answer away.
     *
     * @param  list<float>  $steps turns, one at least
     */
    public function telling(array $steps): float
    {
        \assert($steps !== []);
        $best = [$steps[0], INF];
        foreach ($steps as $turns) {
            $left = $this->doubtAfter($this->screw->rich() * $turns);
            $best = $left < $best[1] ? [$turns, $left] : $best;
        }

        return $best[0];
    }

    /** Expected variance of the answer, turns squared, once it was listened to there. */
    private function doubtAfter(float $at): float
    {
        $left = 0.0;
        foreach ([-1, 0, 1] as $side) {
            $weight = $mean = $squares = 0.0;
            foreach ($this->pairs as $pair) {
                $w = $pair['weight'] * self::chance($at, $side, $pair['lean'], $pair['rich']);
                $weight += $w;
                $mean += $w * $pair['answer'];
                $squares += $w * $pair['answer'] ** 2;
            }
            $left += $weight > 0.0 ? $squares - $mean ** 2 / $weight : 0.0;
        }

        return $left;
    }

    /** How likely it is to be heard so between these edges. */
    private static function chance(float $at, int $side, float $lean, float $rich): float
    {
        $isLean = 1.0 / (1.0 + exp(($at - $lean) * self::STEEP / self::EAR_TURNS[0]));
        $isRich = 1.0 / (1.0 + exp(($rich - $at) * self::STEEP / self::EAR_TURNS[1]));
        $heard = match ($side) {
            -1 => $isLean,
            1 => $isRich,
            default => max(0.0, 1.0 - $isLean - $isRich),
        };

        return self::SLIP + (1.0 - 3.0 * self::SLIP) * $heard;
    }
}
