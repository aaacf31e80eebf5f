<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** A joint that may leak: its chance, and its flow should it leak. */
final readonly class Leak
{
    /** So likely it is as good as seen. From memory. */
    private const PROVED = 0.95;

    public function __construct(public string $joint, public float $probability, public FlowInterval $flow)
    {
    }

    public function isProved(): bool
    {
        return $this->probability >= self::PROVED;
    }
}
