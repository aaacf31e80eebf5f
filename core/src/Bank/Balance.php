<?php

declare(strict_types=1);

namespace DustyJet\Bank;

/**
 * The next screw of a bank to turn, and how far: the largest gap first, one screw a move, seven tenths of what would
 * close it, never more than an eighth and never the reference.
 *
 * Which way a screw works, and how far, is learned from its own moves. Gaps, gain, steps and rhythm: common practice.
 */
final readonly class Balance
{
    private const GAIN = 0.7;

    /** So many standard errors a gap must be within tolerance. */
    private const SURE = 1.6;

    /** A step so large a share of the tolerance is more than a quarter of it by itself: R / sqrt 12. */
    private const COARSE = 0.866;

    private const MOST_TURNS = 0.125;

    private const FIRST_TURNS = 0.0625;

    private const STEP_TURNS = 0.03125;

    /** In opens, and more open is less vacuum, until a screw is seen to do the other. */
    private const SUPPOSED_SIGN = -1.0;

    /**
     * @param  Move|null  $next null once it is done
     * @param  string  $reason in a line
     * @param  float  $spreadInhg between the highest and the lowest
     * @param  array<string, float|null>  $sensitivity inHg a turn by carburetor, null until it is believed
     */
    private function __construct(
        public ?Move $next,
        public string $reason,
        public float $spreadInhg,
        public array $sensitivity,
    ) {
    }

    public static function of(Bank $bank): self
    {
        $noise = Noise::of($bank);
        $learned = $gaps = $limits = [];
        $isCoarse = $bank->stepInhg > self::COARSE * $bank->toleranceInhg;
        foreach ($bank->screws() as $carburetor) {
            $learned[$carburetor] = Sensitivity::of($bank, $noise, $carburetor);
            $gaps[$carburetor] = $learned[$carburetor]->gap;
            $u = $learned[$carburetor]->u;
            $limits[$carburetor] = $isCoarse
                ? max($bank->toleranceInhg, M_SQRT2 * $u)
                : max($bank->toleranceInhg - self::SURE * $u, 0.5 * $u);
        }
        $means = array_map($bank->latest()->mean(...), $bank->carburetors);
        [$move, $reason] = self::move($bank, $gaps, $limits, $learned, $isCoarse);

        return new self(
            $move,
            $reason,
            self::spread($means),
            array_map(static fn (Sensitivity $s): ?float => $s->isTrusted() ? $s->inhgPerTurn : null, $learned),
        );
    }

    /** @param  list<float>  $means */
    private static function spread(array $means): float
    {
        return $means === [] ? 0.0 : max($means) - min($means);
    }

    public function isDone(): bool
    {
        return $this->next === null;
    }

    /**
     * @param  array<string, float>  $gaps
     * @param  array<string, float>  $limits
     * @param  array<string, Sensitivity>  $learned
     *
     * @return array{0: Move|null, 1: string}
     */
    private static function move(Bank $bank, array $gaps, array $limits, array $learned, bool $isCoarse): array
    {
        $supposed = self::sign($learned);
        $farthest = $bank->screws();
        usort($farthest, static fn (string $a, string $b): int => abs($gaps[$b]) <=> abs($gaps[$a]));
        $isBetween = false;
        foreach ($farthest as $carburetor) {
            $gap = $gaps[$carburetor];
            if (abs($gap) <= $limits[$carburetor]) {
                continue;
            }
            $s = $learned[$carburetor];
            if ($s->isTrusted() && abs((float) $s->inhgPerTurn) * self::STEP_TURNS > 2.0 * abs($gap)) {
                $isBetween = true;

                continue;
            }

            return [new Move($carburetor, self::turns($gap, $s, $supposed)), self::because($gap, $bank->reference, $s)];
        }

        return [null, match (true) {
            $isBetween => 'The last gap lies between two thirty-seconds of a turn: leave it.',
            $isCoarse => 'As near as this gauge can resolve.',
            default => 'Every carburetor is within tolerance of the reference.',
        }];
    }

    private static function turns(float $gap, Sensitivity $learned, float $supposed): float
    {
        if ($learned->isTrusted()) {
            $wanted = -self::GAIN * $gap / (float) $learned->inhgPerTurn;
            $steps = round($wanted / self::STEP_TURNS);
            $steps = $steps === 0.0 ? ($wanted > 0.0 ? 1.0 : -1.0) : $steps;

            return max(-self::MOST_TURNS, min(self::MOST_TURNS, $steps * self::STEP_TURNS));
        }
        $isUp = ($learned->inhgPerTurn ?? 0.0) === 0.0 ? $supposed > 0.0 : $learned->inhgPerTurn > 0.0;
        $turns = $learned->hasMoved() ? self::MOST_TURNS : self::FIRST_TURNS;

        return $isUp === $gap > 0.0 ? -$turns : $turns;
    }

    /**
     * The way the other screws of the bank work.
     *
     * @param  array<string, Sensitivity>  $learned
     */
    private static function sign(array $learned): float
    {
        $sum = 0;
        foreach ($learned as $s) {
            $sum += $s->isTrusted() ? (float) $s->inhgPerTurn <=> 0.0 : 0;
        }

        return $sum === 0 ? self::SUPPOSED_SIGN : (float) $sum;
    }

    private static function because(float $gap, string $reference, Sensitivity $learned): string
    {
        $is = number_format(abs($gap), 1).' inHg '.($gap > 0.0 ? 'above' : 'below')." {$reference}";

        return match (true) {
            $learned->isTrusted() => "{$is}; this screw gives ".round((float) $learned->inhgPerTurn, 1).' inHg a turn.',
            $learned->hasMoved() => "{$is}; what this screw does is not clear yet: an eighth the likelier way.",
            default => "{$is}; a sixteenth shows which way this screw works.",
        };
    }
}
