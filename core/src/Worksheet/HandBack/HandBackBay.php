<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\HandBack;

use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Deed;
use DustyJet\Worksheet\Bay;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Progress;
use DustyJet\Worksheet\Promises\Promises;
use DustyJet\Worksheet\Worksheet;

final readonly class HandBackBay implements Bay
{
    public function station(): Station
    {
        return Station::HandBack;
    }

    public function progress(Bench $bench): Progress
    {
        $at = $bench->of(Proofs::class)->handedBackAt;

        return new Progress($at === null ? 0 : 1, 1, $at);
    }

    public function moves(Worksheet $sheet): array
    {
        $why = 'The proof, seen by you, before the customer sees it.';
        $machine = Machine::on($sheet->bench);
        $asked = $sheet->family->proof->checks;
        $missing = $sheet->of(Proofs::class)->missing();
        $now = array_filter(
            $missing,
            static fn (CheckState $c): bool => $machine->inTheWay($asked[$c->key]->needs) === null,
        );
        $move = static fn (CheckState $c): Move => new Move(
            Station::HandBack, $c->do, $why, 2, 'check', $c->key, $asked[$c->key]->runs ? [Deed::Start, Deed::Run] : [],
        );

        return $missing === [] && $machine->isWhole() ? [self::handBack()] : array_values(array_map($move, $now));
    }

    public function gates(Worksheet $sheet): array
    {
        $gates = [];
        foreach ($sheet->of(Proofs::class)->missing() as $check) {
            $gates[] = ($check->passed === false ? 'Failed: ' : 'Not checked: ').$check->do.'.';
        }
        foreach ($sheet->of(Promises::class)->open() as $promise) {
            $gates[] = "Put off and not done: {$promise->what}.";
        }

        return $gates;
    }

    private static function handBack(): Move
    {
        $why = 'Everything is measured and nothing is to be re-checked.';

        return new Move(Station::HandBack, 'Hand it back with its report', $why, 3, 'hand_back');
    }
}
