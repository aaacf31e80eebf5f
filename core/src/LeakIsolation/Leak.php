<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** A joint that may leak: its chance, and its flow should it leak. */
final readonly class Leak
{
    public function __construct(public string $joint, public float $probability, public FlowInterval $flow)
    {
    }
}
