<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\ReportLink;

/** Nobody is signed in who reads a report by its link: the link is what allows it. */
final readonly class ReportLinkPolicy
{
    public function open(?Person $nobody, ReportLink $link): bool
    {
        return $link->isLive();
    }
}
