<?php

declare(strict_types=1);

namespace App\View\Charts;

/** What turning a screw one way does, in a word and in its colour. */
final readonly class DialSide
{
    public string $class;

    /** @param  string  $sign before the step, as turning this way counts up or down */
    public function __construct(public string $word, public string $sign)
    {
        $this->class = match ($word) {
            'leaner' => 'lean',
            'richer' => 'rich',
            default => 'plain',
        };
    }
}
