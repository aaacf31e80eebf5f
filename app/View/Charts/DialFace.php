<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Carburetor\Datum;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Screws\AdjusterState;

/**
 * A turn dial: slot at the true angle, one ring per whole turn, growing counter-clockwise because out is counter-
 * clockwise; clockwise for a stop screw, which counts in from touching its cam.
 *
 * Drawing units of a 222 x 237 view box with its centre at 140, 130.
 */
final readonly class DialFace
{
    private const CENTER_X = 140.0;

    private const CENTER_Y = 130.0;

    private const INNER = 80.0;

    private const OUTER = 98.0;

    private const FEWEST_RINGS = 2;

    private const MOST_RINGS = 6;

    private const LETTERS = ['book' => 'B', 'found' => 'F', 'left' => 'L', 'next' => ''];

    /**
     * @param  list<array{radius: float, path: string, full: bool, label: string, labelX: float, labelY: float}>  $rings
     * @param  list<array{letter: string, kind: string, x: float, y: float}>  $marks
     * @param  list<array{inner: string, outer: string, quarter: bool}>  $ticks
     */
    private function __construct(
        public DialScrew $screw,
        public DialTurns $turns,
        public DialSide $in,
        public DialSide $out,
        public float $ringWidth,
        public array $rings,
        public array $marks,
        public array $ticks,
        public Datum $datum,
        public string $label,
        public string $valueText,
    ) {
    }

    public static function of(AdjusterState $state, ?Turns $shown, ?Turns $next = null): self
    {
        $adjuster = $state->adjuster;
        $turns = $shown ?? Turns::ofUnits(0);
        $count = self::ringsFor($turns->inTurns() + 0.5, $state->found, $adjuster->book->turns, $next);
        $found = $state->found ?? 'not counted';
        $datum = $adjuster->datum();

        return new self(
            screw: DialScrew::of($state),
            turns: DialTurns::of($turns, $datum->countsIn()),
            in: new DialSide($adjuster->sense->turningIn(), $datum->countsIn() ? '+' : '−'),
            out: new DialSide($adjuster->sense->turningOut(), $datum->countsIn() ? '−' : '+'),
            ringWidth: $count === self::FEWEST_RINGS ? 13.0 : 24.0 / ($count - 0.2),
            rings: self::rings($turns, $count, $datum),
            marks: self::marks($state, $next, $count, $datum),
            ticks: self::ticks(),
            datum: $datum,
            label: "{$adjuster->name}, {$datum->from()}",
            valueText: Numbers::counted($turns, $datum).", found {$found}, book {$adjuster->book->turns}",
        );
    }

    private static function ringsFor(float $most, ?Turns ...$shown): int
    {
        foreach ($shown as $turns) {
            $most = max($most, $turns?->inTurns() ?? 0.0);
        }

        return (int) max(self::FEWEST_RINGS, min(self::MOST_RINGS, ceil($most)));
    }

    /** @return list<array{radius: float, path: string, full: bool, label: string, labelX: float, labelY: float}> */
    private static function rings(Turns $turns, int $count, Datum $datum): array
    {
        $rings = [];
        for ($i = 0; $i < $count; $i++) {
            $radius = self::radius($i, $count);
            $share = max(0.0, min(1.0, $turns->inTurns() - $i));
            [$x, $y] = self::point($radius, $datum->countsIn() ? 0.085 : -0.085);
            $rings[] = [
                'radius' => $radius,
                'path' => $share <= 0.0 || $share >= 1.0 ? '' : self::arc($radius, $share, $datum),
                'full' => $share >= 1.0,
                'label' => $count > self::FEWEST_RINGS ? '' : (string) ($i + 1),
                'labelX' => $x,
                'labelY' => $y + 5.5,
            ];
        }

        return $rings;
    }

    /** From the top over a share of the ring, the way its turns grow. */
    private static function arc(float $radius, float $share, Datum $datum): string
    {
        [$x, $y] = self::point($radius, self::grown($share, $datum));
        $clockwise = $datum->countsIn() ? 1 : 0;
        $isLarge = $share > 0.5 ? 1 : 0;
        $start = self::CENTER_Y - $radius;

        return sprintf('M140 %.2fA%.2f %.2f 0 %d %d %.2f %.2f', $start, $radius, $radius, $isLarge, $clockwise, $x, $y);
    }

    /** @return list<array{letter: string, kind: string, x: float, y: float}> */
    private static function marks(AdjusterState $state, ?Turns $next, int $count, Datum $datum): array
    {
        $settings = [
            'book' => $state->adjuster->book->turns,
            'found' => $state->found,
            'left' => $state->left,
            'next' => $next,
        ];
        $marks = [];
        foreach ($settings as $kind => $turns) {
            if ($turns !== null && $turns->inTurns() <= $count) {
                $ring = (int) max(0, ceil($turns->inTurns()) - 1);
                [$x, $y] = self::point(self::radius($ring, $count), self::grown($turns->inTurns() - $ring, $datum));
                $marks[] = ['letter' => self::LETTERS[$kind], 'kind' => $kind, 'x' => $x, 'y' => $y];
            }
        }

        return $marks;
    }

    /** @return list<array{inner: string, outer: string, quarter: bool}> */
    private static function ticks(): array
    {
        $ticks = [];
        for ($i = 0; $i < 8; $i++) {
            $isQuarter = $i % 2 === 0;
            $ticks[] = [
                'inner' => vsprintf('%.2f %.2f', self::point(60.0, $i / 8)),
                'outer' => vsprintf('%.2f %.2f', self::point($isQuarter ? 69.0 : 65.5, $i / 8)),
                'quarter' => $isQuarter,
            ];
        }

        return $ticks;
    }

    private static function radius(int $ring, int $count): float
    {
        return $count === self::FEWEST_RINGS
            ? [self::INNER, self::OUTER][$ring]
            : self::INNER - 8.0 + (($ring + 0.5) * 28.0) / $count;
    }

    private static function grown(float $share, Datum $datum): float
    {
        return $datum->countsIn() ? -$share : $share;
    }

    /** @return array{0: float, 1: float} counter-clockwise from the top */
    private static function point(float $radius, float $share): array
    {
        $angle = 2.0 * M_PI * $share;

        return [self::CENTER_X - $radius * sin($angle), self::CENTER_Y - $radius * cos($angle)];
    }
}
