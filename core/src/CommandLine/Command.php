<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

/** One command of the command line, in its own class. */
interface Command
{
    /** @return list<string> the options it takes */
    public static function options(): array;

    /**
     * @return array<string, mixed> what it prints; null where there is no value
     *
     * @throws \DustyJet\Rejected If what was typed cannot be.
     */
    public static function run(Options $options): array;
}
