<?php

declare(strict_types=1);

namespace App\View\Charts;

/** The paper of a chart in drawing units: as low as the sheet leaves it room, or as narrow as a phone. */
final readonly class ChartPaper
{
    private function __construct(
        public float $width,
        public float $height,
        public float $left,
        public float $right,
        public float $top,
        public float $bottom,
        public bool $isNarrow,
    ) {
    }

    public static function wide(): self
    {
        return new self(936.0, 176.0, 62.0, 920.0, 8.0, 124.0, false);
    }

    public static function phone(): self
    {
        return new self(372.0, 252.0, 50.0, 354.0, 8.0, 200.0, true);
    }

    public function plotWidth(): float
    {
        return $this->right - $this->left;
    }

    public function plotHeight(): float
    {
        return $this->bottom - $this->top;
    }
}
