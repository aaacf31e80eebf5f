<?php

declare(strict_types=1);

namespace DustyJet\PopOff;

use DustyJet\HoldTest\PressureTrace;
use DustyJet\Quantity\GaugePressure;

/** The pops of an inlet needle: where it opens and shuts, on average, and how far apart the pops lie. */
final readonly class PopSeries
{
    /** One pop is luck, two are a guess. Common practice. */
    public const ENOUGH = 3;

    /** @param  list<Pop>  $pops in the order of time */
    private function __construct(public array $pops)
    {
    }

    /** @param  list<Pop>  $pops */
    public static function of(array $pops): self
    {
        return new self($pops);
    }

    /** @throws UnusablePopOff If the trace is one of a vacuum. */
    public static function in(PressureTrace $trace): self
    {
        $trace->isVacuum && throw UnusablePopOff::vacuum();

        return new self(PopDetector::in($trace->seconds, $trace->kilopascals, $trace->stepKilopascals));
    }

    /** As it is typed: opened and shut of each pop, `13.00/10.00 12.80/9.90`. */
    public function inPsi(): string
    {
        $psi = static fn (GaugePressure $p): string => number_format($p->inPsi(), 2, '.', '');

        return implode(' ', array_map(static fn (Pop $p): string => $psi($p->pop).'/'.$psi($p->reseat), $this->pops));
    }

    public function isEnough(): bool
    {
        return count($this->pops) >= self::ENOUGH;
    }

    /** Null where it never popped. */
    public function meanPop(): ?GaugePressure
    {
        return self::mean(array_map(static fn (Pop $p): float => $p->pop->inKilopascals(), $this->pops));
    }

    public function meanReseat(): ?GaugePressure
    {
        return self::mean(array_map(static fn (Pop $p): float => $p->reseat->inKilopascals(), $this->pops));
    }

    /** Between the highest and the lowest pop; null of fewer than two. */
    public function spreadKilopascals(): ?float
    {
        $pops = array_map(static fn (Pop $p): float => $p->pop->inKilopascals(), $this->pops);

        return count($pops) < 2 ? null : max($pops) - min($pops);
    }

    /** @param  list<float>  $kilopascals */
    private static function mean(array $kilopascals): ?GaugePressure
    {
        return $kilopascals === [] ? null : GaugePressure::ofKilopascals(array_sum($kilopascals) / count($kilopascals));
    }
}
