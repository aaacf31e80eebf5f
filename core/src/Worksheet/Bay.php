<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\Station;

/**
 * The place of one station: how far it has come, what is worth doing there, and what of it stands before a hand-back.
 */
interface Bay
{
    public function station(): Station;

    public function progress(Bench $bench): Progress;

    /** @return list<Move> the best first; empty when nothing is left to do here */
    public function moves(Worksheet $sheet): array;

    /** @return list<string> one sentence for each thing still in the way */
    public function gates(Worksheet $sheet): array;
}
