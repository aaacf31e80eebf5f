<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;

/** An act that names findings, checks, faults or steps of the diagnosis. */
interface AsksCatalogue extends Act
{
    /** @throws \DustyJet\BenchLog\UnreadableEntry If this knowledge or this family does not have what it names. */
    public function refuseUnlessKnown(Catalogue $catalogue, CarburetorKind $kind): void;
}
