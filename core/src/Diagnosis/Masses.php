<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * What a plan needs of the weights, in one pass over the hypotheses.
 *
 * @internal
 */
final readonly class Masses
{
    /**
     * @param  list<float>  $chance of each fault, alone or with another
     * @param  float  $total of all weights
     * @param  float  $kit of what the kit alone cures
     * @param  float  $outside of what another carburetor would not cure
     */
    private function __construct(public array $chance, public float $total, public float $kit, public float $outside)
    {
    }

    /**
     * @param  list<float>  $weights
     * @param  list<bool>  $inKit by fault
     * @param  list<bool>  $isOutside by fault
     */
    public static function of(array $weights, array $inKit, array $isOutside): self
    {
        $n = count($inKit);
        $chance = array_slice($weights, 1, $n);
        $total = array_sum($chance) + $weights[0];
        $kit = $outside = 0.0;
        $h = $n + 1;
        foreach ($inKit as $i => $isIn) {
            $kit += $isIn ? $weights[1 + $i] : 0.0;
            $isOut = $isOutside[$i];
            $outside += $isOut ? $weights[1 + $i] : 0.0;
            $sum = 0.0;
            for ($j = $i + 1; $j < $n; $j++) {
                $w = $weights[$h++];
                $sum += $w;
                $chance[$j] += $w;
                if ($isIn && $inKit[$j]) {
                    $kit += $w;
                } elseif ($isOut || $isOutside[$j]) {
                    $outside += $w;
                }
            }
            $chance[$i] += $sum;
            $total += $sum;
        }

        return new self(array_values($chance), $total, $kit, $outside);
    }
}
