<?php

declare(strict_types=1);

namespace DustyJet\PopOff;

use DustyJet\Numerics\LinearSystem;

/** Lines that meet at knots. @internal */
final readonly class BrokenLine
{
    /**
     * The least squares they leave.
     *
     * @param  list<float>  $t
     * @param  list<float>  $y
     * @param  list<float>  $knots rising
     */
    public static function squares(array $t, array $y, array $knots): float
    {
        $n = count($knots) + 2;
        $matrix = array_fill(0, $n, array_fill(0, $n, 0.0));
        $right = array_fill(0, $n, 0.0);
        $squares = 0.0;
        foreach ($t as $i => $at) {
            $row = [1.0, $at - $t[0]];
            foreach ($knots as $knot) {
                $row[] = max(0.0, $at - $knot);
            }
            foreach ($row as $a => $x) {
                $right[$a] += $x * $y[$i];
                for ($b = 0; $b < $n; $b++) {
                    $matrix[$a][$b] += $x * $row[$b];
                }
            }
            $squares += $y[$i] ** 2;
        }
        $fit = LinearSystem::solve($matrix, $right);
        if ($fit === null) {
            return INF;
        }
        foreach ($fit as $a => $coefficient) {
            $squares -= $coefficient * $right[$a];
        }

        return max(0.0, $squares);
    }
}
