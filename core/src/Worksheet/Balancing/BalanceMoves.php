<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Balancing;

use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Deed;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Run\BankOutlier;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Worksheet;

/**
 * What is to be done on a bank once mixture and idle speed are left: blip, let it settle, read every column, turn one
 * screw, and again.
 */
final readonly class BalanceMoves
{
    private const RUNS = [Deed::Start, Deed::Run];

    /** @return list<Move> none where there is no bank, or it is in balance */
    public static function on(Worksheet $sheet): array
    {
        $bank = Ticket::bankOf($sheet->bench);
        $balancing = $sheet->of(Balancing::class);
        if ($bank === [] || $balancing->isDone(array_keys($bank))) {
            return [];
        }

        $dirty = BankOutlier::among($sheet->of(Screws::class), $bank);
        $clean = $dirty === null ? [] : [new Move(
            Station::Clean, 'Clean its idle jet before the bank is balanced', $dirty, 15, 'clean_jet', Balancing::READING,
        )];

        return [...$clean, match (true) {
            $balancing->reference === null => self::of(
                'Say which carburetor has no balance screw',
                'Its column is the one the others are set to.',
                'reference',
            ),
            default => self::next($balancing, $bank),
        }];
    }

    /** @param  array<string, string>  $bank names by carburetor */
    private static function next(Balancing $balancing, array $bank): Move
    {
        $balance = $balancing->balance(array_keys($bank));
        if ($balance?->next === null) {
            $why = $balancing->turned === null
                ? 'Average over the blips: a single look at a needle that swings says little.'
                : 'The screw was turned: what it did is learned from this.';

            return self::of('Blip, let it settle, read every column', $why, 'bank_read');
        }
        $turn = $balance->next;

        return self::of(
            'Turn the '.mb_strtolower($bank[$turn->carburetor])." balance screw {$turn->words()}",
            ucfirst($balance->reason),
            'balance_turn',
        );
    }

    private static function of(string $do, string $why, string $key): Move
    {
        return new Move(Station::Run, $do, $why, 2, $key, Balancing::READING, self::RUNS);
    }
}
