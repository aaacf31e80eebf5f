<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/** How a field is said at the bench, where that differs from how it is stored. */
enum TypedAs
{
    /** As it is stored. */
    case Itself;

    /** Turns as technicians say them, under the name `turns`; stored in 1/48 turns. */
    case Turns;

    /** 0 to 100; stored as a share of 1. */
    case Percent;

    /** A date and time; stored in UTC, ISO 8601. */
    case Time;

    /** A day, as a date field has it: 2026-05-04; stored so. */
    case Day;

    /** Boxes that must all be ticked, under the name `looks`; stored as a flag. */
    case Boxes;

    /** Words by name; stored as a map. */
    case Words;

    /** Nobody types it: the program makes it. */
    case Nothing;
}
