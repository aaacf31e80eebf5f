<?php

declare(strict_types=1);

namespace App\View\Board;

use DustyJet\Carburetor\Station;

/** The fuel line, small. View box 198 x 24. */
final readonly class MiniLine
{
    private const EACH = 22;

    /** @param  list<array{x: int, state: string}>  $fittings */
    private function __construct(public array $fittings, public int $wet)
    {
    }

    /** @param  array<string, array{done: bool, stale: int}>  $line by station */
    public static function of(array $line, Station $here): self
    {
        $fittings = [];
        foreach (Station::cases() as $i => $station) {
            $state = $line[$station->value] ?? ['done' => false, 'stale' => 0];
            $fittings[] = ['x' => 6 + self::EACH * $i, 'state' => match (true) {
                $station === $here => 'here',
                $state['stale'] > 0 => 'stale',
                $state['done'] => 'done',
                default => 'todo',
            }];
        }

        return new self($fittings, self::EACH * $here->number() - intdiv(self::EACH, 2));
    }
}
