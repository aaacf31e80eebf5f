<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Photos;

/** A numbered mark on a photo: across and down as shares of its sides. */
final readonly class Pin
{
    public function __construct(public string $entryId, public float $across, public float $down, public string $text)
    {
    }
}
