<?php

declare(strict_types=1);

namespace Bench;

use DustyJet\Bank\Balance;
use DustyJet\Bank\Bank;
use DustyJet\Bank\Move;
use DustyJet\Bank\Reading;
use DustyJet\Engine\RandomBank;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Random banks on virtual engines, balanced by the moves that are proposed and by simpler rules. */
final readonly class BankScoring
{
    private const MOST_MOVES = 60;

    private const SWING_INHG = [0.05, 0.25];

    private const STEP_INHG = 0.1;

    public function __construct(private int $seed, private int $banks)
    {
    }

    /**
     * @param  callable(Bank): (Move|null)  $next null when it is done
     *
     * @return array{balanced: int, moves: list<int>, spread: float} spread at the start, inHg in the mean
     */
    public function by(callable $next): array
    {
        $balanced = 0;
        $moves = [];
        $spread = 0.0;
        for ($i = 0; $i < $this->banks; $i++) {
            [$isBalanced, $moves[], $began] = $this->play($i, $next);
            $balanced += $isBalanced ? 1 : 0;
            $spread += $began / $this->banks;
        }
        sort($moves);

        return ['balanced' => $balanced, 'moves' => $moves, 'spread' => $spread];
    }

    /** The next move of the core. */
    public static function proposed(Bank $bank): ?Move
    {
        return Balance::of($bank)->next;
    }

    /** The largest gap, always an eighth, always the way a screw is supposed to work. */
    public static function supposed(Bank $bank): ?Move
    {
        [$worst, $gap] = self::worst($bank);

        return abs($gap) <= $bank->toleranceInhg ? null : new Move($worst, $gap > 0.0 ? 0.125 : -0.125);
    }

    /** The largest gap, an eighth, back when the last move of that screw made it worse. */
    public static function lastSign(Bank $bank): ?Move
    {
        [$worst, $gap] = self::worst($bank);
        if (abs($gap) <= $bank->toleranceInhg) {
            return null;
        }
        $sign = 1.0;
        foreach ($bank->readings as $i => $reading) {
            if ($i > 0 && $reading->after?->carburetor === $worst) {
                $was = self::gap($bank, $bank->readings[$i - 1], $worst);
                $sign = (self::gap($bank, $reading, $worst) - $was) * $reading->after->turns < 0.0 ? 1.0 : -1.0;
            }
        }

        return new Move($worst, $gap > 0.0 ? 0.125 * $sign : -0.125 * $sign);
    }

    /** @return array{0: string, 1: float} */
    private static function worst(Bank $bank): array
    {
        $gaps = [];
        foreach ($bank->screws() as $carburetor) {
            $gaps[$carburetor] = self::gap($bank, $bank->latest(), $carburetor);
        }
        uasort($gaps, static fn (float $a, float $b): int => abs($b) <=> abs($a));
        $worst = (string) array_key_first($gaps);

        return [$worst, $gaps[$worst]];
    }

    private static function gap(Bank $bank, Reading $reading, string $carburetor): float
    {
        return $reading->mean($carburetor) - $reading->mean($bank->reference);
    }

    /**
     * @param  callable(Bank): (Move|null)  $next
     *
     * @return array{0: bool, 1: int, 2: float} balanced in truth, moves, spread at the start
     */
    private function play(int $i, callable $next): array
    {
        $chance = new Randomizer(new Mt19937($this->seed + $i));
        $count = $chance->getInt(2, 6);
        $names = array_map(static fn (int $c): string => "c{$c}", range(1, $count));
        $reference = $chance->getInt(0, $count - 1);
        $bank = RandomBank::of($chance, $count);
        $swing = self::SWING_INHG[0] + (self::SWING_INHG[1] - self::SWING_INHG[0]) * $chance->getInt(0, 1000) / 1000.0;
        $began = $bank->idles()['vacuum_inhg'];
        $readings = [self::reading($chance, $names, $bank, $swing, null)];
        for ($moves = 0; $moves < self::MOST_MOVES; $moves++) {
            $move = $next(new Bank($names, $names[$reference], $readings, Bank::TOLERANCE_INHG, self::STEP_INHG));
            if ($move === null) {
                break;
            }
            $bank = $bank->turned((int) array_search($move->carburetor, $names, true), $move->turns);
            if ($bank->idles()['rpm'] <= 0.0) {
                return [false, $moves, self::spread($began)];
            }
            $readings[] = self::reading($chance, $names, $bank, $swing, $move);
        }
        $truth = $bank->idles()['vacuum_inhg'];
        $gaps = array_map(static fn (float $v): float => abs($v - $truth[$reference]), $truth);

        return [max([0.0, ...$gaps]) <= Bank::TOLERANCE_INHG, $moves, self::spread($began)];
    }

    /** @param  list<float>  $vacuum */
    private static function spread(array $vacuum): float
    {
        return $vacuum === [] ? 0.0 : max($vacuum) - min($vacuum);
    }

    /**
     * Blips until the mean is good enough, five at most, as the trade does.
     *
     * @param  list<string>  $names
     */
    private static function reading(Randomizer $chance, array $names, RandomBank $bank, float $swing, ?Move $after): Reading
    {
        $blips = (int) max(1, min(Bank::MOST_BLIPS, ceil(($swing / (0.25 * Bank::TOLERANCE_INHG)) ** 2)));
        $vacuum = [];
        foreach ($bank->idles()['vacuum_inhg'] as $i => $true) {
            for ($blip = 0; $blip < $blips; $blip++) {
                $seen = $true + $swing * self::gaussian($chance);
                $vacuum[$names[$i]][] = max(0.0, round($seen / self::STEP_INHG) * self::STEP_INHG);
            }
        }

        return new Reading($after, $vacuum);
    }

    /** Box and Muller, Ann. Math. Statist. 29 (1958). */
    private static function gaussian(Randomizer $chance): float
    {
        $u = ($chance->getInt(0, 1 << 30) + 0.5) / ((1 << 30) + 1);

        return sqrt(-2.0 * log($u)) * cos(2.0 * M_PI * $chance->getInt(0, 1 << 30) / (1 << 30));
    }
}
