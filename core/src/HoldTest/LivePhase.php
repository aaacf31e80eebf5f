<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

/** How far a hold test is that is being watched. */
enum LivePhase: string
{
    /** Nothing is pumped up yet. */
    case Waiting = 'waiting';

    case Pumping = 'pumping';

    case Holding = 'holding';

    /** What was pumped up is gone. */
    case LetGo = 'let_go';
}
