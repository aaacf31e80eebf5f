<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\Metering\PopTrial;

/** What a cut of the spring does to the pop-off: the curve, half a coil either way, and what was popped. 320 x 150. */
final readonly class CutCurve
{
    private const HALF_COILS = 8;

    private const STEPS_A_HALF = 4;

    /**
     * @param  list<array{y: float, text: string}>  $levels psi
     * @param  list<array{x: float, text: string}>  $coils
     * @param  list<array{x: float, y: float}>  $popped
     */
    private function __construct(
        public string $line,
        public string $band,
        public array $levels,
        public array $coils,
        public array $popped,
        public string $label,
    ) {
    }

    /** Null where the spring was not measured or never popped before it was cut. */
    public static function of(Metering $metering): ?self
    {
        $curve = static fn (float $coils): float => $metering->popsAfter($coils)?->inPsi() ?? 0.0;
        $top = ceil($curve(0.0) + 0.5);
        if ($metering->popsAfter(0.0) === null) {
            return null;
        }
        $x = Scale::between(0.0, self::HALF_COILS / 2, 34.0, 310.0);
        $y = Scale::between(0.0, $top, 128.0, 8.0);
        $at = array_map(
            static fn (int $i): float => (float) $i / (2.0 * self::STEPS_A_HALF),
            range(0, self::HALF_COILS * self::STEPS_A_HALF),
        );
        $place = static fn (float $c, float $shift): string => $x->at($c).' '.$y->at($curve(max(0.0, $c + $shift)));
        $fit = array_map(static fn (float $c): string => $place($c, 0.0), $at);
        $less = array_map(static fn (float $c): string => $place($c, -0.5), $at);
        $more = array_map(static fn (float $c): string => $place($c, 0.5), array_reverse($at));
        $steps = range(0.0, $top, Steps::within($top, 5, [1.0, 2.0, 5.0, 10.0, 20.0]));

        return new self(
            line: 'M'.implode('L', $fit),
            band: 'M'.implode('L', [...$less, ...$more]).'Z',
            levels: array_map(static fn (float $p): array => ['y' => $y->at($p), 'text' => Numbers::short($p, 0)], $steps),
            coils: array_map(
                static fn (int $c): array => ['x' => $x->at($c), 'text' => (string) $c],
                range(0, intdiv(self::HALF_COILS, 2)),
            ),
            popped: self::popped($metering->trials, $x, $y),
            label: 'Pop-off against coils cut: '.Numbers::plain($curve(0.0), 1).' psi uncut, '
                .Numbers::plain($curve(1.0), 1).' after one coil, '.Numbers::plain($curve(2.0), 1).' after two',
        );
    }

    /**
     * @param  list<PopTrial>  $trials
     *
     * @return list<array{x: float, y: float}> those that were wet
     */
    private static function popped(array $trials, Scale $x, Scale $y): array
    {
        $dots = [];
        foreach ($trials as $trial) {
            $pop = $trial->isWet ? $trial->series->meanPop() : null;
            $dots = $pop === null ? $dots : [...$dots, ['x' => $x->at($trial->coilsOff), 'y' => $y->at($pop->inPsi())]];
        }

        return $dots;
    }
}
