<?php

declare(strict_types=1);

namespace App\View\Log;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Strip\NamedParts;

/** The names a family has for what its log mentions; the log of another program may mention others. */
final readonly class Names
{
    public function __construct(public Family $family)
    {
    }

    public function screw(string $key): string
    {
        return $this->family->adjusters[$key]->name ?? 'Screw';
    }

    /** @return array<string, string> of the largest bank of the family, the top one first */
    public function carburetors(): array
    {
        $largest = [];
        foreach ($this->family->variants as $variant) {
            $largest = count($variant->carburetors) > count($largest) ? $variant->carburetors : $largest;
        }

        return $largest;
    }

    public function part(string $key): string
    {
        foreach ($this->family->teardown->plans as $plan) {
            if (isset($plan->parts[$key])) {
                return $plan->parts[$key]->name;
            }
        }

        return self::plain($key);
    }

    public function parts(NamedParts $named): string
    {
        $times = static fn (int $count): string => $count > 1 ? " ({$count})" : '';
        $name = fn (string $part): string => $this->part($part).$times($named->count($part));

        return implode(', ', array_map($name, $named->keys()));
    }

    /** @param  list<string>  $keys */
    public function inspections(array $keys): string
    {
        $all = $this->family->teardown->inspections;

        return implode('; ', array_map(static fn (string $key): string => $all[$key]->do ?? self::plain($key), $keys));
    }

    /** A name of the program, as plain words. */
    public static function plain(string $key): string
    {
        return str_replace(['_', '.'], ' ', $key);
    }

    /** How many, where it is more than one. */
    public static function times(int $count): string
    {
        return $count > 1 ? ", {$count}" : '';
    }
}
