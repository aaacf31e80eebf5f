<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Quantity\PressureUnit;

/** The paper of a strip chart: its size, its scales and its lines. */
final readonly class StripPaper
{
    public const LEFT = 30.0;

    private const TOP = 8.0;

    private const MARGIN_RIGHT = 62.0;

    private const MARGIN_BOTTOM = 20.0;

    /** A pressure beyond this is off any paper. */
    private const HIGHEST = 10000.0;

    private function __construct(
        public PressureUnit $unit,
        public int $width,
        public int $height,
        public Scale $x,
        public Scale $y,
        private float $low,
        private float $high,
        private float $step,
    ) {
    }

    public static function of(StripCurves $curves, PressureUnit $unit, int $width, int $height): self
    {
        $low = min($curves->seen) / $unit->kilopascals();
        $high = min(self::HIGHEST, max($curves->seen) / $unit->kilopascals());
        $steps = [0.1, 0.2, 0.5, 1.0, 2.0, 5.0, 10.0, 50.0, 500.0, 5000.0];
        $step = Steps::within(max(0.2, $high - $low), $height > 150 ? 4 : 3, $steps);
        $bottom = max(0.0, floor($low / $step) * $step);
        $top = max($bottom + $step, ceil($high / $step) * $step);

        return new self(
            unit: $unit,
            width: $width,
            height: $height,
            x: Scale::between(0.0, $curves->durationS * 1.2, self::LEFT, $width - self::MARGIN_RIGHT),
            y: Scale::between($bottom, $top, $height - self::MARGIN_BOTTOM, self::TOP, beyond: 0.02),
            low: $bottom,
            high: $top,
            step: $step,
        );
    }

    public function right(): float
    {
        return $this->width - self::MARGIN_RIGHT;
    }

    public function bottom(): float
    {
        return $this->height - self::MARGIN_BOTTOM;
    }

    /** Height of a pressure on the paper. */
    public function heightOf(float $kilopascals): float
    {
        return $this->y->at($kilopascals / $this->unit->kilopascals());
    }

    /** @return list<array{y: float, text: string}> */
    public function levels(): array
    {
        $decimals = $this->step < 1.0 ? 1 : 0;
        $level = fn (float $v): array => ['y' => $this->y->at($v), 'text' => Numbers::plain($v, $decimals)];

        return array_map($level, range($this->low, $this->high + $this->step / 10, $this->step));
    }
}
