<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** What a move does to the machine that a finding can forbid. */
enum Deed: string
{
    case Start = 'start';
    case Run = 'run';
    case FullThrottle = 'full_throttle';
    case Leaner = 'leaner';
    case Spark = 'spark';
    case Prime = 'prime';
}
