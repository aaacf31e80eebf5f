<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

use DustyJet\Rejected;

final class UnusableRun extends \DomainException implements Rejected
{
    private function __construct(private readonly string $fact, string $message)
    {
        parent::__construct($message);
    }

    public static function empty(): self
    {
        return new self('no_readings', 'A mixture run needs at least one reading of turns and rpm.');
    }

    public static function tooMany(int $most): self
    {
        return new self('too_many_readings', "A mixture run has at most {$most} readings.");
    }

    public static function badHeader(string $header): self
    {
        $shown = mb_substr(mb_scrub($header), 0, 60);

        return new self('bad_header', "Line 1: the columns must be turns, rpm and perhaps mark, but it says \"{$shown}\".");
    }

    public static function badLine(int $line, string $why): self
    {
        return new self('bad_line', "Line {$line}: {$why}");
    }

    public static function contradictory(MixtureReading $reading, Mark $one, Mark $other): self
    {
        $at = "mark: at {$reading->turns} the engine is said to be";

        return new self('contradictory_marks', "{$at} \"{$one->value}\" and \"{$other->value}\" at once. One of them.");
    }

    public static function backward(Mark $lean, Mark $rich): self
    {
        $why = "\"{$lean->value}\" was heard more than 3/4 turn richer than \"{$rich->value}\"";

        return new self('marks_backward', "mark: {$why}. Read one of them again, or check which way the screw works.");
    }

    public function reason(): string
    {
        return $this->fact;
    }
}
