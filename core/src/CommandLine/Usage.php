<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\Rejected;

final class Usage extends \InvalidArgumentException implements Rejected
{
    public const TEXT = 'usage: jet turns TEXT [--json]'
        .' | jet hold FILE.csv --volume-ml N --limit-ml-min N [--resolution-psi N] [--json]'
        .' | jet mixture FILE.csv --school peak|midpoint|flutter [--max-rpm N] [--sigma-rpm N] [--json]'
        .' | jet diagnose CASE.json [--json]'
        .' | jet knowledge [--json]'
        .' | jet strip FAMILY [--variant V] [--json]'
        .' | jet isolate FILE.json [--json] | jet popoff FILE.csv [--json]'
        .' | jet spring --wire-mm N --coil-mm N --active-coils N --free-mm N --installed-mm N --pop-kpa N --target-kpa N'
        .' [--ends squared|plain] [--material music_wire|stainless_302] [--json]'
        .' | jet lever --measured-mm N --target-mm N --tolerance-mm N --sign down|up [--arm-ratio N] [--json]'
        .' | jet float --front-mm N --rear-mm N --length-mm N [--json]'
        .' | jet float --mass-g N --arm-float-mm N --arm-tang-mm N --seat-mm N [--test-kpa N] [--volume-ml N --submerged N] [--json]'
        .' | jet engine ENGINE.json --throttle-deg N --H N --L N [--choke N] [--pressure-kpa N] [--temperature-c N]'
        .' [--fault NAME=STRENGTH]... [--json] | jet engine --random SEED [--stroke 2|4] [--json] | jet sync STATE.json [--json]';

    public static function show(): self
    {
        return new self(self::TEXT);
    }

    public static function missing(string $option): self
    {
        return new self("--{$option} is needed. ".self::TEXT);
    }

    public static function unknown(string $option): self
    {
        return new self('Unknown option '.mb_substr(mb_scrub($option), 0, 40).'. '.self::TEXT);
    }

    public static function badNumber(string $option, string $given): self
    {
        return new self(
            "--{$option} must be a number above zero, \"".mb_substr(mb_scrub($given), 0, 40).'" was given.',
        );
    }

    public static function noNumber(string $option, string $given): self
    {
        return new self("--{$option} must be a number, \"".mb_substr(mb_scrub($given), 0, 40).'" was given.');
    }

    public static function noSeed(string $option, float $given): self
    {
        return new self("--{$option} must be a whole number from 0 on, \"{$given}\" was given.");
    }

    public static function notAboveZero(string $option, float $given): self
    {
        return new self("--{$option} must be a number above zero, \"{$given}\" was given.");
    }

    public static function above(string $option, float $given, float $most): self
    {
        return new self("--{$option} must be no more than {$most}, \"{$given}\" was given.");
    }

    /** @param  list<string>  $words */
    public static function notAmong(string $option, array $words, string $given): self
    {
        $last = array_pop($words);
        $said = implode(', ', $words)." or {$last}";

        return new self("--{$option} must be {$said}, \"".mb_substr(mb_scrub($given), 0, 40).'" was given.');
    }

    public static function badSchool(string $given): self
    {
        return new self('--school must be peak, midpoint or flutter, "'.mb_substr(mb_scrub($given), 0, 40).'" was given.');
    }

    public static function unreadable(string $file): self
    {
        return new self('Cannot read the file '.mb_substr(mb_scrub($file), 0, 200).'.');
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self("The file is larger than {$megabytes} MB. Is this the right file?");
    }

    public function reason(): string
    {
        return 'usage';
    }
}
