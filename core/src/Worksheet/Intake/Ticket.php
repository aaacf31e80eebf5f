<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Intake;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Ledger;

/** What was said when the machine came in. */
final readonly class Ticket implements Ledger
{
    /** @param  string|null  $comesBackFrom number of the job it comes back from */
    public function __construct(public ?Intake $intake, public ?string $comesBackFrom = null)
    {
    }

    /** @return array<string, string> names of the carburetors of the bank that came in; none where it is one alone */
    public static function bankOf(Bench $bench): array
    {
        return $bench->family->bankOf($bench->of(self::class)->intake->variant ?? '');
    }

    public static function atStart(Family $family): self
    {
        return new self(null);
    }
}
