<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

use DustyJet\Rejected;

final class UnknownFamily extends \DomainException implements Rejected
{
    public static function named(string $id): self
    {
        return new self('The carburetor family "'.mb_substr($id, 0, 40).'" is not known here.');
    }

    public function reason(): string
    {
        return 'unknown_family';
    }
}
