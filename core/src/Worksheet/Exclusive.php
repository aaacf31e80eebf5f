<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

/** An act that replaces or closes something: its author must have seen what it replaces. */
interface Exclusive extends Act
{
    /** Whether an entry that its author has not seen stands against it. */
    public function clashesWith(Act $newer): bool;
}
