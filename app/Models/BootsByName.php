<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Finds what a model's traits want to be called by their names alone. The framework asks every method of the class for
 * its attributes, which no trait here has, and that takes longer than reading the row.
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        $initializers = [];
        foreach (class_uses_recursive(self::class) as $trait) {
            $name = class_basename($trait);
            method_exists(self::class, "boot{$name}") && self::{"boot{$name}"}();
            method_exists(self::class, "initialize{$name}") && $initializers[] = "initialize{$name}";
        }
        static::$traitInitializers[self::class] = $initializers;
    }
}
