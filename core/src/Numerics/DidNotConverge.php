<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

use DustyJet\Rejected;

final class DidNotConverge extends \RuntimeException implements Rejected
{
    public static function within(int $steps): self
    {
        return new self(
            "These readings cannot be fitted: no answer within {$steps} steps. Check the times and the unit.",
        );
    }

    public static function noBracket(): self
    {
        return new self('The search has no sign change to close in on.');
    }

    public function reason(): string
    {
        return 'did_not_converge';
    }
}
