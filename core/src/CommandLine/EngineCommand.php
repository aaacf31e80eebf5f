<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\Engine\EngineFault;
use DustyJet\Engine\EngineJson;
use DustyJet\Engine\Governor;
use DustyJet\Engine\RandomEngine;
use DustyJet\Engine\Running;
use DustyJet\Engine\Setting;
use DustyJet\Engine\Sign;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\VirtualEngine;
use DustyJet\Engine\Weather;
use DustyJet\Quantity\AbsolutePressure;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** `jet engine ENGINE.json`: how a virtual engine runs at a setting; `jet engine --random SEED` draws one. */
final readonly class EngineCommand implements FromFile
{
    private const LARGEST_SEED = 2_147_483_647.0;

    public static function options(): array
    {
        return [
            'throttle-deg',
            'H',
            'L',
            'choke',
            'pressure-kpa',
            'temperature-c',
            'fault',
            'governed-rpm',
            'droop',
            'random',
            'stroke',
        ];
    }

    public static function run(Options $options): array
    {
        return $options->has('random') ? self::random($options) : self::running($options);
    }

    /** @return array<string, mixed> */
    private static function random(Options $options): array
    {
        $seed = $options->number('random');
        ($seed >= 0.0 && $seed <= self::LARGEST_SEED && floor($seed) === $seed) || throw Usage::noSeed('random', $seed);
        $stroke = $options->among('stroke', Stroke::class, (int) $seed % 2 === 0 ? Stroke::Two : Stroke::Four);

        return EngineJson::of(RandomEngine::of(new Randomizer(new Mt19937((int) $seed)), $stroke));
    }

    /** @return array<string, mixed> */
    private static function running(Options $options): array
    {
        $engine = EngineJson::parse($options->file());
        $setting = new Setting(
            $options->number('throttle-deg'),
            $options->number('H'),
            $options->number('L'),
            $options->number('choke', 0.0),
        );
        foreach ($options->all('fault') as $given) {
            [$name, $strength] = [...explode('=', $given, 2), '1'];
            $strength = (new Options(['fault' => $strength]))->number('fault');
            $fault = EngineFault::named($name, $strength);
            $engine = $fault->in($engine, $strength);
            $setting = $fault->at($setting, $strength);
        }
        $standard = AbsolutePressure::standardAtmosphere()->inKilopascals();
        $weather = Weather::of(
            AbsolutePressure::ofPascals(1000.0 * $options->number('pressure-kpa', $standard)),
            $options->number('temperature-c', 20.0),
        );

        $running = self::held($options, $engine, $setting, $weather);
        $governed = $options->has('governed-rpm') ? ['throttle_deg' => $running->setting->throttleDeg] : [];

        return self::says($running) + $governed;
    }

    /** At its throttle, or on its governor, which shuts it no further than that throttle. */
    private static function held(Options $options, VirtualEngine $engine, Setting $setting, Weather $weather): Running
    {
        if (! $options->has('governed-rpm')) {
            return $engine->steady($setting, $weather);
        }
        $governor = new Governor(
            $options->number('governed-rpm'),
            $setting->throttleDeg,
            $options->number('droop', Governor::DROOP),
        );

        return $governor->steady($engine, $setting, $weather);
    }

    /** @return array<string, mixed> a stalled engine draws nothing: what only a running one has is null */
    private static function says(Running $running): array
    {
        $flows = $running->isStalled() ? null : $running->flows;
        $grams = static fn (?float $kilograms): ?float => $kilograms === null ? null : 1000.0 * $kilograms;

        return [
            'rpm' => $running->rpm,
            'phi' => $flows?->phi(),
            'manifold_kpa' => $flows === null ? null : $flows->manifoldPa / 1000.0,
            'air_g_s' => $grams($flows?->airKgS),
            'main_fuel_g_s' => $grams($flows?->mainKgS),
            'idle_fuel_g_s' => $grams($flows?->idleKgS),
            'signs' => array_map(static fn (Sign $s): string => $s->value, $running->signs()),
        ];
    }
}
