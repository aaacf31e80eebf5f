<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/** A kind of entry as the log sees it: its name, what it carries, and how it stands to what others log. */
interface Kind
{
    /** As it stands in files and in the database. */
    public function name(): string;

    public function shape(): Shape;

    /** Whether two people may add it at once without either having seen the other's entry. */
    public function commutes(): bool;

    /** Whether it only takes another entry back. */
    public function isStrike(): bool;
}
