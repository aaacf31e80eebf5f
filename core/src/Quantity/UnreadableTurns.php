<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

use DustyJet\Rejected;

final class UnreadableTurns extends \DomainException implements Rejected
{
    public static function text(string $text): self
    {
        $shown = mb_substr($text, 0, 40);

        return new self("\"{$shown}\" is not a number of turns. Write it as 1 3/4, 1.75 or 3.5 half turns.");
    }

    public static function betweenMarks(string $text, Turns $below, Turns $above): self
    {
        return new self("\"{$text}\" lies between two readings. Did you mean {$below} or {$above}?");
    }

    public static function outOfReach(string $text): self
    {
        $most = intdiv(Turns::MOST_UNITS, Turns::PER_TURN);

        return new self(
            "\"{$text}\" is more than a screw has: turns run from 0 to {$most}. Count again from lightly seated.",
        );
    }

    public function reason(): string
    {
        return 'unreadable_turns';
    }
}
