<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

enum Verdict: string
{
    case Holds = 'holds';
    case Leaks = 'leaks';
    case HoldsBelow = 'holds_below';
    case KeepWatching = 'keep_watching';
}
