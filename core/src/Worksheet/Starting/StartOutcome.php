<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Starting;

/** What an engine did when it was pulled or cranked. */
enum StartOutcome: string
{
    case Runs = 'runs';
    case Dies = 'dies';
    case Nothing = 'nothing';

    public function title(): string
    {
        return match ($this) {
            self::Runs => 'It runs',
            self::Dies => 'Fires, dies',
            self::Nothing => 'Nothing',
        };
    }
}
