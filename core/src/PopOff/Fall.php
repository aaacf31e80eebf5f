<?php

declare(strict_types=1);

namespace DustyJet\PopOff;

/** A sudden fall between two readings. @internal */
final readonly class Fall
{
    /**
     * @param  int  $before the last reading of the line before it
     * @param  int  $last the last reading before it
     * @param  int  $after the first after it
     * @param  float  $from kPa
     * @param  float  $to kPa
     * @param  float  $odds that it is sudden
     */
    public function __construct(
        public int $before,
        public int $last,
        public int $after,
        public float $from,
        public float $to,
        public float $odds,
    ) {
    }
}
