<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/** How an engine runs at a setting once nothing changes any more. */
final readonly class Running
{
    /** @param  float  $rpm 0 when it has stalled */
    public function __construct(
        public float $rpm,
        public Flows $flows,
        public Setting $setting,
        private Cylinder $cylinder,
    ) {
    }

    public function isStalled(): bool
    {
        return $this->rpm <= 0.0;
    }

    /** Faster than it may be, and no load holds it. */
    public function isOverSpeed(): bool
    {
        return $this->rpm >= $this->cylinder->maximumRpm;
    }

    /** @return list<Sign> what ear, eye and nose get */
    public function signs(): array
    {
        return Sign::of($this, $this->cylinder->stroke);
    }
}
