<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/** An engine that is well, and where its screws and its throttle are then. */
final readonly class Healthy
{
    /**
     * @param  Setting  $full wide open, without load but its own
     * @param  Setting  $idle the same screws at the idle stop
     * @param  float  $topRpm at full throttle
     */
    public function __construct(
        public VirtualEngine $engine,
        public Setting $full,
        public Setting $idle,
        public float $topRpm,
        public float $idleRpm,
    ) {
    }
}
