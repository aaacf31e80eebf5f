<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest\Measures;

use DustyJet\Carburetor\LeakPaths;
use DustyJet\LeakIsolation\Isolation;

/** How each joint stands, by a letter in the order of the family: the same letter in the map and on the drawing. */
final readonly class JointMarks
{
    private const ORDER = ['leaks' => 2, 'suspect' => 1, 'cleared' => 0];

    /** @param  array<string, array{letter: string, state: string, percent: int}>  $all by joint, likeliest first */
    private function __construct(public array $all)
    {
    }

    public static function of(LeakPaths $leaks, ?Isolation $isolation): self
    {
        $letters = array_map(static fn (int $i): string => chr(65 + $i), array_flip(array_keys($leaks->joints)));
        $all = [];
        foreach ($isolation->suspects ?? [] as $suspect) {
            $all[$suspect->joint] = [
                'letter' => $letters[$suspect->joint],
                'state' => $suspect->isProved() ? 'leaks' : 'suspect',
                'percent' => (int) round(100.0 * $suspect->probability),
            ];
        }
        foreach ($isolation->cleared ?? [] as $joint) {
            $all[$joint] = ['letter' => $letters[$joint], 'state' => 'cleared', 'percent' => 0];
        }

        return new self($all);
    }

    /**
     * The worst joint of each part of the drawing.
     *
     * @return array<string, array{letter: string, state: string, percent: int}>
     */
    public function byPart(LeakPaths $leaks): array
    {
        $parts = [];
        foreach ($this->all as $joint => $mark) {
            $on = $leaks->joints[$joint]->on;
            $isWorse = ! isset($parts[$on]) || self::ORDER[$mark['state']] > self::ORDER[$parts[$on]['state']];
            $parts[$on] = $isWorse ? $mark : $parts[$on];
        }

        return $parts;
    }
}
