<?php

declare(strict_types=1);

namespace DustyJet\PopOff;

/** A straight line through a few readings, seen from one moment. @internal */
final readonly class Line
{
    /**
     * @param  float  $value at the moment
     * @param  float  $leverage variance of that, in variances of a reading
     * @param  float  $squares what it leaves
     */
    private function __construct(
        public float $value,
        public float $leverage,
        public float $squares,
        public float $mean,
        public float $slope,
    ) {
    }

    /**
     * @param  list<float>  $t
     * @param  list<float>  $y
     * @param  non-empty-list<int>  $readings
     */
    public static function through(array $t, array $y, array $readings, float $at): self
    {
        $n = count($readings);
        $tm = $ym = 0.0;
        foreach ($readings as $i) {
            $tm += $t[$i] / $n;
            $ym += $y[$i] / $n;
        }
        $tt = $ty = $yy = 0.0;
        foreach ($readings as $i) {
            $tt += ($t[$i] - $tm) ** 2;
            $ty += ($t[$i] - $tm) * ($y[$i] - $ym);
            $yy += ($y[$i] - $ym) ** 2;
        }
        $slope = $tt > 0.0 ? $ty / $tt : 0.0;

        return new self(
            $ym + $slope * ($at - $tm),
            1.0 / $n + ($tt > 0.0 ? ($at - $tm) ** 2 / $tt : 0.0),
            max(0.0, $yy - $slope * $ty),
            $ym,
            $slope,
        );
    }
}
