<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\AdjusterState;

/**
 * A turn dial: slot at the true angle, one ring per whole turn, growing counter-clockwise because out is counter-clockwise.
 *
 * Drawing units of a 222 x 237 view box with its centre at 140, 130.
 */
final readonly class DialFace
{
    private const INNER = 80.0;

    private const OUTER = 98.0;

    /**
     * @param  list<array{radius: float, path: string, full: bool, label: string, labelX: float, labelY: float}>  $rings
     * @param  list<array{letter: string, kind: string, x: float, y: float}>  $marks
     * @param  list<array{inner: string, outer: string, quarter: bool}>  $ticks
     */
    private function __construct(
        public string $adjuster,
        public string $letter,
        public string $name,
        public string $does,
        public int $units,
        public string $text,
        public string $whole,
        public string $fraction,
        public string $found,
        public string $book,
        public string $left,
        public string $inWord,
        public string $outWord,
        public string $inClass,
        public string $outClass,
        public bool $outIsRicher,
        public float $slotDegrees,
        public float $ringWidth,
        public array $rings,
        public array $marks,
        public array $ticks,
        public string $label,
        public string $valueText,
    ) {
    }

    public static function of(AdjusterState $state, ?Turns $shown, ?Turns $next = null): self
    {
        $adjuster = $state->adjuster;
        $turns = $shown ?? Turns::ofUnits(0);
        $most = max($turns->inTurns() + 0.5, $state->found?->inTurns() ?? 0.0, $adjuster->baseline->inTurns(), $next?->inTurns() ?? 0.0);
        $count = (int) max(2, min(6, ceil($most)));
        $sense = $adjuster->sense;
        $class = static fn (string $word): string => match ($word) {
            'leaner' => 'lean',
            'richer' => 'rich',
            default => 'plain',
        };

        return new self(
            adjuster: $adjuster->key,
            letter: $adjuster->letter,
            name: $adjuster->name,
            does: $adjuster->does,
            units: $turns->inUnits(),
            text: (string) $turns,
            whole: $turns->whole() === 0 && $turns->fraction() !== '' ? '' : (string) $turns->whole(),
            fraction: $turns->fraction(),
            found: Numbers::turns($state->found),
            book: Numbers::turns($adjuster->baseline),
            left: Numbers::turns($state->left),
            inWord: $sense->turningIn(),
            outWord: $sense->turningOut(),
            inClass: $class($sense->turningIn()),
            outClass: $class($sense->turningOut()),
            outIsRicher: $sense->outIsRicher(),
            slotDegrees: -360.0 * fmod($turns->inTurns(), 1.0),
            ringWidth: $count === 2 ? 13.0 : 24.0 / ($count - 0.2),
            rings: self::rings($turns, $count),
            marks: self::marks($state, $next, $count),
            ticks: self::ticks(),
            label: "{$adjuster->name}, turns out from lightly seated",
            valueText: "{$turns} turns out, found ".($state->found ?? 'not counted').", book {$adjuster->baseline}",
        );
    }

    /** @return list<array{radius: float, path: string, full: bool, label: string, labelX: float, labelY: float}> */
    private static function rings(Turns $turns, int $count): array
    {
        $rings = [];
        for ($i = 0; $i < $count; $i++) {
            $radius = self::radius($i, $count);
            $share = max(0.0, min(1.0, $turns->inTurns() - $i));
            [$x, $y] = self::point($radius, $share);
            $path = $share <= 0.0 || $share >= 1.0 ? '' : sprintf('M140 %.2fA%.2f %.2f 0 %d 0 %.2f %.2f', 130 - $radius, $radius, $radius, $share > 0.5 ? 1 : 0, $x, $y);
            [$lx, $ly] = self::point($radius, -0.045);
            $rings[] = ['radius' => $radius, 'path' => $path, 'full' => $share >= 1.0, 'label' => $count > 2 ? '' : (string) ($i + 1), 'labelX' => $lx, 'labelY' => $ly + 5.5];
        }

        return $rings;
    }

    /** @return list<array{letter: string, kind: string, x: float, y: float}> */
    private static function marks(AdjusterState $state, ?Turns $next, int $count): array
    {
        $marks = [];
        foreach (['book' => $state->adjuster->baseline, 'found' => $state->found, 'left' => $state->left, 'next' => $next] as $kind => $turns) {
            if ($turns !== null && $turns->inTurns() <= $count) {
                $ring = (int) max(0, ceil($turns->inTurns()) - 1);
                [$x, $y] = self::point(self::radius($ring, $count), $turns->inTurns() - $ring);
                $marks[] = ['letter' => ['book' => 'B', 'found' => 'F', 'left' => 'L', 'next' => ''][$kind], 'kind' => $kind, 'x' => $x, 'y' => $y];
            }
        }

        return $marks;
    }

    /** @return list<array{inner: string, outer: string, quarter: bool}> */
    private static function ticks(): array
    {
        $ticks = [];
        for ($i = 0; $i < 8; $i++) {
            $quarter = $i % 2 === 0;
            [$ax, $ay] = self::point(60.0, $i / 8);
            [$bx, $by] = self::point($quarter ? 69.0 : 65.5, $i / 8);
            $ticks[] = ['inner' => sprintf('%.2f %.2f', $ax, $ay), 'outer' => sprintf('%.2f %.2f', $bx, $by), 'quarter' => $quarter];
        }

        return $ticks;
    }

    private static function radius(int $ring, int $count): float
    {
        return $count === 2 ? [self::INNER, self::OUTER][$ring] : self::INNER - 4.0 + ($ring + 0.5) * 28.0 / $count;
    }

    /** @return array{0: float, 1: float} counter-clockwise from the top */
    private static function point(float $radius, float $share): array
    {
        return [140.0 - $radius * sin(2.0 * M_PI * $share), 130.0 - $radius * cos(2.0 * M_PI * $share)];
    }
}
