<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

/** An act that names something kept beside the log: a log without it is not whole. */
interface KeepsBeside extends Act
{
    /** What it is: `trace` or `photo`. */
    public function kept(): string;

    /** Its id. */
    public function keptId(): string;
}
