<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\Metering\MeteringSpring;
use DustyJet\Metering\SpringCut;
use DustyJet\Metering\SpringEnds;
use DustyJet\Metering\SpringMaterial;
use DustyJet\Quantity\GaugePressure;

/** `jet spring`: how many coils to cut from a metering spring for another pop-off pressure. */
final readonly class SpringCommand implements Command
{
    private const WIND = ['wire-mm', 'coil-mm', 'active-coils', 'free-mm', 'installed-mm'];

    public static function options(): array
    {
        return [...self::WIND, 'pop-kpa', 'target-kpa', 'ends', 'material'];
    }

    public static function run(Options $options): array
    {
        $spring = new MeteringSpring(
            ...array_map($options->number(...), self::WIND),
            ends: $options->among('ends', SpringEnds::class, SpringEnds::Squared),
            material: $options->among('material', SpringMaterial::class, SpringMaterial::MusicWire),
        );
        $cut = SpringCut::toward(
            $spring,
            self::pressure($options, 'pop-kpa'),
            self::pressure($options, 'target-kpa'),
        );

        return [
            'rate_n_m' => $spring->rateNewtonsPerMetre(),
            'cut_coils' => $cut->coils,
            'predicted_pop_kpa' => $cut->pop?->inKilopascals(),
            'predicted_low_kpa' => $cut->low?->inKilopascals(),
            'predicted_high_kpa' => $cut->high?->inKilopascals(),
            'refused' => $cut->refused?->value,
        ];
    }

    private static function pressure(Options $options, string $name): GaugePressure
    {
        $kilopascals = $options->number($name);

        return $kilopascals > 0.0 ? GaugePressure::ofKilopascals($kilopascals) : throw Usage::notAboveZero($name, $kilopascals);
    }
}
