<?php

declare(strict_types=1);

namespace App\Models;

/** The shop this program runs in, as its configuration has it. */
final readonly class Shop
{
    /** Only ever the demo's password, printed where the demo's people are one tap away. */
    public const DEMO_PASSWORD = 'brass-jet-demo';

    public static function name(): string
    {
        $name = config('shop.name');

        return is_string($name) ? $name : '';
    }

    /** Whether it is the invented one. */
    public static function isDemo(): bool
    {
        return config('shop.demo') === true;
    }
}
