<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Flow;

/** What the trials of a check valve come to. Common practice. */
enum ValveVerdict: string
{
    /** Holds vacuum and passes pressure, in the body. */
    case Good = 'good';

    /** Leaks in the body: the valve, its sides or the putty. Out with it, alone on a hose. */
    case TakeOut = 'take_out';

    /** Good out of the body, leaked in it: its press fit leaks. Reseal, then both ways again. */
    case PressFit = 'press_fit';

    /** Leaks out of the body. */
    case Bad = 'bad';

    /** Passes nothing: it sticks, or its passage is blocked. */
    case Blocked = 'blocked';
}
