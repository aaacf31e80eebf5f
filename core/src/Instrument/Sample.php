<?php

declare(strict_types=1);

namespace DustyJet\Instrument;

/** One reading of one channel: its number, seconds by the instrument's own clock, and kPa or rpm. */
final readonly class Sample
{
    public function __construct(
        public int $seq,
        public float $seconds,
        public float $value,
        public int $channel = 1,
    ) {
    }
}
