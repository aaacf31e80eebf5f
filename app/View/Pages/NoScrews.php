<?php

declare(strict_types=1);

namespace App\View\Pages;

/** A station of screws on something that has none. */
final readonly class NoScrews
{
    public function __construct(public string $say)
    {
    }
}
