<?php

declare(strict_types=1);

namespace Bench;

use DustyJet\PopOff\PopDetector;
use DustyJet\PopOff\ScriptedPopOff;
use DustyJet\Quantity\PressureUnit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Pops found and invented in hand-pumped traces whose truth is known. */
final class PopOffScoring
{
    /** A pop is found when one is said within this of it. */
    private const SECONDS = 0.35;

    private int $all = 0;

    private int $found = 0;

    private int $invented = 0;

    private float $squares = 0.0;

    public function __construct(private readonly int $seed, private readonly int $traces)
    {
    }

    /** @return array{all: int, found: int, invented: int, rms: float} rms of the pop pressures found, psi */
    public function ofPops(): array
    {
        return $this->play(static fn (Randomizer $c, float $noise, float $step): ScriptedPopOff => new ScriptedPopOff(
            $pop = self::between($c, 6.0, 16.0),
            $pop - self::between($c, 0.8, max(1.2, 0.35 * $pop)),
            self::between($c, 0.02, 0.3),
            $c->getInt(3, 5),
            self::between($c, 0.0, 0.01),
            self::between($c, 0.3, 1.2),
            self::between($c, 0.4, 1.0),
            $noise,
            $step,
        ));
    }

    /** @return array{all: int, found: int, invented: int, rms: float} of needles that leak and never open */
    public function ofLeaks(): array
    {
        return $this->play(static fn (Randomizer $c, float $noise, float $step): ScriptedPopOff => new ScriptedPopOff(
            0.0,
            0.0,
            0.0,
            0,
            self::between($c, 0.0, 0.04),
            self::between($c, 0.3, 1.2),
            self::between($c, 0.4, 1.0),
            $noise,
            $step,
        ));
    }

    /**
     * @param  callable(Randomizer, float, float): ScriptedPopOff  $script
     *
     * @return array{all: int, found: int, invented: int, rms: float}
     */
    private function play(callable $script): array
    {
        [$this->all, $this->found, $this->invented, $this->squares] = [0, 0, 0, 0.0];
        $perPsi = PressureUnit::Psi->pascals() / 1000.0;
        for ($i = 0; $i < $this->traces; $i++) {
            $chance = new Randomizer(new Mt19937($this->seed + 7919 * $i));
            $step = [0.01, 0.05, 0.1, 0.25][$chance->getInt(0, 3)];
            $perSecond = [5.0, 8.0, 10.0, 20.0][$chance->getInt(0, 3)];
            $trace = $script($chance, self::between($chance, 0.01, 0.15), $step)->trace($perSecond, $chance);
            $kilopascals = array_map(static fn (array $r): float => $r[1] * $perPsi, $trace['readings']);
            $this->count(PopDetector::in(array_column($trace['readings'], 0), $kilopascals, $step * $perPsi), $trace['pops']);
        }

        return [
            'all' => $this->all,
            'found' => $this->found,
            'invented' => $this->invented,
            'rms' => sqrt($this->squares / max(1, $this->found)),
        ];
    }

    /**
     * @param  list<\DustyJet\PopOff\Pop>  $said
     * @param  list<array{t: float, pop: float, reseat: float}>  $truth
     */
    private function count(array $said, array $truth): void
    {
        foreach ($truth as $pop) {
            $this->all++;
            foreach ($said as $i => $one) {
                if (abs($one->seconds - $pop['t']) < self::SECONDS) {
                    $this->found++;
                    $this->squares += ($one->pop->inPsi() - $pop['pop']) ** 2;
                    unset($said[$i]);
                    break;
                }
            }
        }
        $this->invented += count($said);
    }

    private static function between(Randomizer $chance, float $least, float $most): float
    {
        return $least + ($most - $least) * $chance->getInt(0, 1_000_000) / 1_000_000;
    }
}
