<?php

declare(strict_types=1);

namespace App\View\Log;

/** A line of the log in words: what was done, and what came of it. */
final readonly class Phrase
{
    /** @param  string  $strong what the eye should find first; may be empty */
    public function __construct(public string $text, public string $strong = '')
    {
    }
}
