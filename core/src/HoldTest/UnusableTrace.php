<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Rejected;

final class UnusableTrace extends \DomainException implements Rejected
{
    private function __construct(private readonly string $fact, string $message)
    {
        parent::__construct($message);
    }

    public static function tooFewReadings(int $given, int $needed): self
    {
        return new self(
            'too_few_readings',
            "A hold test needs at least {$needed} readings, {$given} given. Take one at the start and every ten seconds after.",
        );
    }

    public static function tooManyReadings(int $most): self
    {
        return new self(
            'too_many_readings',
            sprintf('More than %s readings. Export at a slower rate, or a shorter stretch.', number_format($most)),
        );
    }

    public static function tooLarge(int $mostBytes): self
    {
        return new self(
            'file_too_large',
            sprintf(
                'The file is larger than %d MB. A hold test is far smaller: is this the right file?',
                intdiv($mostBytes, 1_000_000),
            ),
        );
    }

    public static function timeGoesBack(int $line, float $before, float $after): self
    {
        return new self(
            'time_goes_back',
            "Line {$line}: time goes back from {$before} s to {$after} s. Every time must be later than the one before.",
        );
    }

    public static function badHeader(string $header): self
    {
        $shown = mb_substr(mb_scrub($header), 0, 60);

        return new self(
            'bad_header',
            "Line 1: the columns must be t_s and one of psi, kpa or inhg, but it says \"{$shown}\".",
        );
    }

    public static function badNumber(int $line, string $text): self
    {
        $shown = mb_substr(mb_scrub($text), 0, 40);

        return new self('bad_number', "Line {$line}: \"{$shown}\" is not a number.");
    }

    public static function wrongColumns(int $line, int $given): self
    {
        return new self('wrong_columns', "Line {$line}: two columns are needed, a time and a reading; {$given} found.");
    }

    public static function impossible(int $line, string $why): self
    {
        return new self('impossible_reading', "Line {$line}: {$why}");
    }

    public static function neverPumped(float $kilopascals): self
    {
        return new self(
            'never_pumped',
            sprintf('The highest reading is only %.1f kPa. Pump the line up before the test starts.', $kilopascals),
        );
    }

    public static function bothSigns(int $line): self
    {
        return new self(
            'both_signs',
            "Line {$line}: the readings change between pressure and vacuum. One test is one or the other.",
        );
    }

    public function reason(): string
    {
        return $this->fact;
    }
}
