<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

enum HoldModel: string
{
    case Tight = 'tight';
    case Leak = 'leak';
    case HoldsBelow = 'holds_below';
}
