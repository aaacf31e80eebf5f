<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

use DustyJet\Rejected;

final class GoesRound extends \DomainException implements Rejected
{
    /** @param  list<string>  $parts */
    public static function among(array $parts): self
    {
        return new self('The order goes round among: '.implode(', ', $parts).'.');
    }

    public function reason(): string
    {
        return 'goes_round';
    }
}
