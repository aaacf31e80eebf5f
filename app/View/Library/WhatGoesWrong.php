<?php

declare(strict_types=1);

namespace App\View\Library;

use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;

/** The faults a family's carburetor itself can have, and the checks that apply. */
final readonly class WhatGoesWrong
{
    /**
     * @param  list<array{name: string, cure: string}>  $faults
     * @param  list<array{do: string, how: string}>  $checks
     */
    private function __construct(public array $faults, public array $checks)
    {
    }

    public static function with(CarburetorKind $kind, Catalogue $catalogue): self
    {
        $faults = $checks = [];
        foreach ($catalogue->faultsOf($kind) as $fault) {
            if (! $fault->isOutsideTheCarburetor()) {
                $faults[] = ['name' => $fault->name, 'cure' => $fault->cure->do];
            }
        }
        foreach ($catalogue->checksOf($kind) as $check) {
            $checks[] = ['do' => $check->do, 'how' => $check->how];
        }

        return new self($faults, $checks);
    }
}
