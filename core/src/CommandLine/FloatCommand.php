<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\FloatLevel\FloatTilt;
use DustyJet\FloatLevel\FloatValve;
use DustyJet\Quantity\GaugePressure;

/** `jet float`: how a float lies by its gaps, or what it can shut off by its mass and arms. */
final readonly class FloatCommand implements Command
{
    private const FAIR_TEST_PSI = 5.0;

    public static function options(): array
    {
        return [
            'front-mm', 'rear-mm', 'length-mm',
            'mass-g', 'arm-float-mm', 'arm-tang-mm', 'seat-mm', 'test-kpa', 'volume-ml', 'submerged',
        ];
    }

    public static function run(Options $options): array
    {
        return $options->has('mass-g') ? self::valve($options) : self::tilt($options);
    }

    /** @return array<string, float> */
    private static function tilt(Options $options): array
    {
        $tilt = FloatTilt::of($options->number('front-mm'), $options->number('rear-mm'), $options->number('length-mm'));

        return ['tilt_deg' => $tilt->degrees, 'height_error_mm' => round($tilt->heightError, 6)];
    }

    /** @return array<string, float|bool> */
    private static function valve(Options $options): array
    {
        $valve = new FloatValve(
            $options->number('mass-g'),
            $options->number('arm-float-mm'),
            $options->number('arm-tang-mm'),
            $options->number('seat-mm'),
        );
        $test = GaugePressure::ofKilopascals(
            $options->number('test-kpa', GaugePressure::ofPsi(self::FAIR_TEST_PSI)->inKilopascals()),
        );
        $closes = ['air_test_close_kpa' => $valve->airTestCloses(), 'air_test_is_fair' => $valve->isFairAt($test)];
        if (! $options->has('volume-ml') && ! $options->has('submerged')) {
            return $closes;
        }
        $shutsOff = $valve->shutsOff($options->number('volume-ml'), $options->number('submerged'));

        return [
            ...$closes,
            'shut_off_kpa' => $shutsOff,
            'margin_over_head' => FloatValve::marginOverHead($shutsOff),
        ];
    }
}
