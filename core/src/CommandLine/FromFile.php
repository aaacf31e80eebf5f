<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

/** A command that reads one file, named after it. */
interface FromFile extends Command
{
}
