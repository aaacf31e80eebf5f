<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use App\View\Numbers;
use DustyJet\Bank\Move;
use DustyJet\Worksheet\Balancing\BalanceTurned;
use DustyJet\Worksheet\Balancing\BankRead;
use DustyJet\Worksheet\Balancing\ReferenceNamed;
use DustyJet\Worksheet\Governing\GovernedSpeedRead;

final readonly class BalanceWords implements RoomWords
{
    public static function table(): array
    {
        return [
            GovernedSpeedRead::class => static fn (GovernedSpeedRead $act): Phrase => new Phrase(
                'Governed speed: ',
                Numbers::rpm($act->rpm).' rpm'.($act->loadedRpm === null ? '' : ', '.Numbers::rpm($act->loadedRpm).' under load'),
            ),
            ReferenceNamed::class => static fn (ReferenceNamed $act): Phrase => new Phrase(
                'No balance screw of its own: ',
                mb_strtolower($act->carburetor),
            ),
            BankRead::class => static fn (BankRead $act, Names $names): Phrase => new Phrase(
                'Columns: ',
                self::columns($act->typed, $names),
            ),
            BalanceTurned::class => static fn (BalanceTurned $act): Phrase => new Phrase(
                ucfirst($act->carburetor).' balance screw: ',
                (new Move($act->carburetor, $act->turns))->words(),
            ),
        ];
    }

    /** @param  array<string, string>  $typed */
    private static function columns(array $typed, Names $names): string
    {
        $said = [];
        foreach (array_replace(array_intersect_key($names->carburetors(), $typed), $typed) as $carburetor => $values) {
            $said[] = "{$carburetor} {$values}";
        }

        return implode(', ', $said).' inHg';
    }
}
