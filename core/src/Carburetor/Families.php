<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** The carburetor families this bench knows. */
interface Families
{
    /** @return list<string> */
    public function ids(): array;

    /** @throws UnknownFamily */
    public function of(string $id): Family;
}
