<?php

declare(strict_types=1);

namespace App\View\Board;

use DustyJet\Carburetor\Station;

/** The fuel line, small. View box 198 x 24. */
final readonly class MiniLine
{
    private const EACH = 22;

    /**
     * @param  list<array{x: int, state: string}>  $fittings
     * @param  string  $done path of those that are done
     * @param  string  $todo path of those that are open
     */
    private function __construct(public array $fittings, public string $done, public string $todo, public int $wet)
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

        return new self(
            $fittings,
            self::path($fittings, 'done'),
            self::path($fittings, 'todo'),
            self::EACH * $here->number() - intdiv(self::EACH, 2),
        );
    }

    /** @param  list<array{x: int, state: string}>  $fittings */
    private static function path(array $fittings, string $state): string
    {
        $path = '';
        foreach ($fittings as $fitting) {
            $path .= $fitting['state'] === $state ? "M{$fitting['x']} 4h10v14h-10z" : '';
        }

        return $path;
    }
}
