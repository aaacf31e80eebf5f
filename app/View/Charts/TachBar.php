<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;

/** A tachometer scale with the band wanted. View box 316 x 74. */
final readonly class TachBar
{
    /** @param  list<array{x: float, text: string}>  $ticks */
    private function __construct(
        public float $bandX,
        public float $bandWidth,
        public ?float $pointer,
        public array $ticks,
        public string $label,
    ) {
    }

    /** @param  array{0: float, 1: float}  $band */
    public static function of(?float $rpm, array $band): self
    {
        $low = floor((min($band[0], $rpm ?? $band[0]) - 300.0) / 500.0) * 500.0;
        $high = ceil((max($band[1], $rpm ?? $band[1]) + 300.0) / 500.0) * 500.0;
        $x = static fn (float $v): float => round(20.0 + (276.0 * ($v - $low)) / ($high - $low), 1);
        $ticks = array_map(
            static fn (float $v): array => ['x' => $x($v), 'text' => Numbers::rpm($v)],
            range($low, $high, $high - $low > 2500 ? 1000.0 : 500.0),
        );

        return new self(
            $x($band[0]),
            $x($band[1]) - $x($band[0]),
            $rpm === null ? null : $x($rpm),
            $ticks,
            'Tachometer scale, '
                .($rpm === null ? 'no reading yet' : Numbers::rpm($rpm).' rpm')
                .', wanted '
                .Numbers::rpm($band[0])
                .' to '
                .Numbers::rpm($band[1]),
        );
    }
}
