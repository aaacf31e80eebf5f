<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

final readonly class Caution
{
    public function __construct(public string $title, public string $text)
    {
    }
}
