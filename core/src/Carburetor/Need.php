<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What a test or a proof needs of the machine before it can mean anything. */
enum Need: string
{
    case Nothing = 'nothing';
    /** What closes the fuel is in its place. */
    case Valve = 'valve';
    /** Nothing of the carburetor's inside lies on the tray. */
    case Inside = 'inside';
    /** Nothing lies on the tray. */
    case Whole = 'whole';
}
