<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\Bank\Balance;
use DustyJet\Bank\BankJson;

/** `jet sync STATE.json`: the next screw of a bank to turn. */
final readonly class SyncCommand implements FromFile
{
    public static function options(): array
    {
        return [];
    }

    public static function run(Options $options): array
    {
        $balance = Balance::of(BankJson::parse($options->file()));
        $next = $balance->next;

        return [
            'next' => $next === null ? null : ['carburetor' => $next->carburetor, 'turns' => $next->turns],
            'done' => $balance->isDone(),
            'reason' => $balance->reason,
            'spread_inhg' => $balance->spreadInhg,
            // Carburetors may be called 0, 1, 2: by name all the same.
            'sensitivity' => (object) $balance->sensitivity,
        ];
    }
}
