<?php

declare(strict_types=1);

namespace App\View\Board;

use App\Models\Entry;
use App\View\Log\LogWords;
use App\View\Numbers;
use DustyJet\Carburetor\Families;

/** What was logged last, of any job, in the words of its log. */
final readonly class BoardLine
{
    private function __construct(public string $time, public string $number, public string $text, public string $strong)
    {
    }

    public static function of(Entry $entry, Families $families): self
    {
        $phrase = LogWords::of($families->of($entry->job->family))->phrase($entry->toCore());

        return new self(
            Numbers::clock($entry->recorded_at),
            substr($entry->job->number, 3),
            $phrase->text,
            $phrase->strong,
        );
    }
}
