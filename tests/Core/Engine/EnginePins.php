<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use DustyJet\Bank\Balance;
use DustyJet\Bank\Bank;
use DustyJet\Bank\Move;
use DustyJet\Bank\Reading;
use DustyJet\Engine\EngineFault;
use DustyJet\Engine\Healthy;
use DustyJet\Engine\RandomBank;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\Transient;
use DustyJet\Engine\Weather;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What seeded engines and banks do, number by number: see Pins. */
final readonly class EnginePins
{
    /** @return array<string, list<float>> */
    public static function engines(): array
    {
        $pins = [];
        foreach ([Stroke::Two, Stroke::Four] as $stroke) {
            foreach ([1, 2, 3] as $seed) {
                $well = Engines::random($seed, $stroke);
                $pins["{$stroke->value}, {$seed}"] = [...self::made($well), ...self::inTime($well)];
            }
            foreach (EngineFault::cases() as $fault) {
                $pins["{$stroke->value}, {$fault->value}"] = self::ill(Engines::random(4, $stroke), $fault);
            }
        }

        return $pins;
    }

    /** @return array<string, list<float|string>> */
    public static function banks(): array
    {
        $pins = [];
        foreach ([11, 12, 13] as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $names = ['c1', 'c2', 'c3', 'c4'];
            $bank = RandomBank::of($chance, count($names));
            $read = static fn (RandomBank $b, ?Move $after): Reading => new Reading($after, array_combine($names, array_map(
                static fn (float $v): array => [$v + 0.1, $v - 0.1, $v + $chance->getInt(-9, 9) / 100.0],
                $b->idles()['vacuum_inhg'],
            )));
            $readings = [$read($bank, null)];
            $said = [$bank->idles()['rpm']];
            for ($i = 0; $i < 12; $i++) {
                $balance = Balance::of(new Bank($names, 'c2', $readings));
                $said = [...$said, $balance->reason, $balance->spreadInhg, $balance->next->turns ?? 0.0];
                if ($balance->next === null) {
                    break;
                }
                $bank = $bank->turned((int) array_search($balance->next->carburetor, $names, true), $balance->next->turns);
                $readings[] = $read($bank, $balance->next);
            }
            $pins["bank {$seed}"] = $said;
        }

        return $pins;
    }

    /** @return list<float> */
    private static function made(Healthy $well): array
    {
        $engine = $well->engine;
        $cylinder = $engine->cylinder;
        $throat = $engine->throat;
        $circuits = $engine->circuits;

        return [
            $well->topRpm, $well->idleRpm, $well->idle->throttleDeg, $well->full->highTurns, $well->full->lowTurns,
            $cylinder->displacementCc, $cylinder->volumetricEfficiency, $cylinder->indicatedEfficiency,
            ...$cylinder->frictionKpa, $cylinder->loadWPerKrpm3, $cylinder->maximumRpm, $cylinder->leanWidth,
            $cylinder->richWidth, $throat->throttleBoreMm, $throat->venturiMm, $throat->leakMm2, $circuits->high->pitchMm,
            $circuits->high->boreMm, $circuits->high->halfAngleDeg, $circuits->low->boreMm, $circuits->low->halfAngleDeg,
            $circuits->fixedHighMm2, $circuits->idleSignal, $circuits->nozzleHeadMm, $circuits->idleHeadMm,
            $circuits->fuelCoefficient,
        ];
    }

    /** @return list<float> */
    private static function inTime(Healthy $well): array
    {
        $transient = new Transient($well->engine, Weather::standard(), $well->idleRpm);
        $said = [];
        foreach ([$well->idle, $well->full, $well->full, $well->full, $well->idle] as $setting) {
            $said[] = $transient->run($setting, 0.15);
        }

        return $said;
    }

    /** @return list<float> */
    private static function ill(Healthy $well, EngineFault $fault): array
    {
        $said = [];
        foreach ([0.3, 0.9] as $strength) {
            $ill = $fault->in($well->engine, $strength);
            foreach ([[$well->idle, $well->idleRpm], [$well->full, $well->topRpm]] as [$setting, $rpm]) {
                $stands = $fault->at($setting, $strength);
                $flows = $ill->flows($rpm, $stands, Weather::standard());
                $said = [
                    ...$said, $flows->phi(), 1000.0 * $flows->airKgS, $flows->manifoldPa,
                    $ill->spare($rpm, $flows, Weather::standard()), $ill->steady($stands, Weather::standard())->rpm,
                ];
            }
        }

        return $said;
    }
}
