<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Owner = 'owner';
    case Technician = 'technician';
    case Apprentice = 'apprentice';

    /** Overrides and hand-backs put the shop's name to a machine. */
    public function mayHandBack(): bool
    {
        return $this !== self::Apprentice;
    }
}
