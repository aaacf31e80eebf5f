<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/** A normal distribution of at most three unknowns, cut off below zero: points of a lattice with weights. @internal */
final readonly class PositiveNormal
{
    /** Half a lattice's width in standard deviations, and its points on a side, an even number so that none is in the middle. */
    private const REACH = 4.0;

    private const POINTS = [1 => 160, 2 => 18, 3 => 8];

    /**
     * @param  float  $share of the whole that lies above zero
     * @param  list<array{at: list<float>, weight: float}>  $points weights in sum 1
     */
    private function __construct(public float $share, public array $points)
    {
    }

    /**
     * @param  list<float>  $mean
     * @param  CholeskyFactor  $precision of the inverse of its covariance
     */
    public static function around(array $mean, CholeskyFactor $precision): self
    {
        $points = [];
        $inside = $all = 0.0;
        foreach (self::lattice(count($mean)) as ['at' => $z, 'weight' => $weight]) {
            $all += $weight;
            $at = array_map(static fn (float $m, float $d): float => $m + $d, $mean, $precision->back($z));
            if ($at === [] || min($at) >= 0.0) {
                $inside += $weight;
                $points[] = ['at' => $at, 'weight' => $weight];
            }
        }
        foreach ($points as $i => $point) {
            $points[$i]['weight'] = $point['weight'] / $inside;
        }
        // Where nothing of it is above zero it is nothing.
        $nothing = ['at' => array_map(static fn (float $m): float => 0.0, $mean), 'weight' => 1.0];

        return new self($inside / $all, $points === [] ? [$nothing] : $points);
    }

    /** @return non-empty-list<array{at: list<float>, weight: float}> standard normal deviates and their density */
    private static function lattice(int $unknowns): array
    {
        /** @var array<int, non-empty-list<array{at: list<float>, weight: float}>> $made */
        static $made = [];
        if (isset($made[$unknowns])) {
            return $made[$unknowns];
        }
        $lattice = [['at' => [], 'weight' => 1.0]];
        for ($axis = 0; $axis < $unknowns; $axis++) {
            $wider = [];
            foreach ($lattice as ['at' => $at, 'weight' => $weight]) {
                foreach (self::side(self::POINTS[$unknowns]) as $z) {
                    $wider[] = ['at' => [...$at, $z], 'weight' => $weight * exp(-0.5 * $z * $z)];
                }
            }
            $lattice = $wider;
        }
        \assert($lattice !== []);

        return $made[$unknowns] = $lattice;
    }

    /** @return list<float> */
    private static function side(int $count): array
    {
        return array_map(
            static fn (int $i): float => self::REACH * (2.0 * $i / ($count - 1) - 1.0),
            range(0, $count - 1),
        );
    }
}
