<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\Metering\LeverDatum;
use DustyJet\Metering\LeverHeight;

/** `jet lever`: a metering lever against its card. */
final readonly class LeverCommand implements Command
{
    public static function options(): array
    {
        return ['measured-mm', 'target-mm', 'tolerance-mm', 'sign', 'arm-ratio'];
    }

    public static function run(Options $options): array
    {
        $lever = LeverHeight::of(
            $options->number('measured-mm'),
            $options->number('target-mm'),
            $options->number('tolerance-mm'),
            $options->among('sign', LeverDatum::class),
            $options->number('arm-ratio', 1.0),
        );

        return [
            'error_mm' => round($lever->error, 6),
            'verdict' => $lever->verdict->value,
            'bend_tab_mm' => round($lever->bendTab, 6),
            'effect' => $lever->verdict->effect(),
        ];
    }
}
