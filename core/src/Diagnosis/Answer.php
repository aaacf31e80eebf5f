<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** What was answered to a finding. Not looked is not a no; cannot tell says that it could not be seen today. */
enum Answer: string
{
    case No = 'no';
    case Yes = 'yes';
    case Some = 'some';
    case Strong = 'strong';
    case NotLooked = 'not_looked';
    case CannotTell = 'cannot_tell';

    /** Whether it says anything about the faults. */
    public function isEvidence(): bool
    {
        return $this !== self::NotLooked && $this !== self::CannotTell;
    }

    public function isThere(): bool
    {
        return $this->isEvidence() && $this !== self::No;
    }
}
