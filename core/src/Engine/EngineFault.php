<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/**
 * What may be wrong, as the diagnosis names it, in what the equations of an engine can say. How much a fault of
 * strength 1 does is from memory.
 */
enum EngineFault: string
{
    case MainJetClogged = 'main_jet_clogged';
    case HighCircuitBlocked = 'high_circuit_blocked';
    case PilotCircuitBlocked = 'pilot_circuit_blocked';
    case LowDrillingsBlocked = 'low_drillings_blocked';
    case DischargeHolesBlocked = 'discharge_holes_blocked';
    case IdleAirBlocked = 'idle_air_blocked';
    case AirJetsBlocked = 'air_jets_blocked';
    case CheckValveLeaking = 'check_valve_leaking';
    case IntakeAirLeak = 'intake_air_leak';
    case CrankcaseLeak = 'crankcase_leak';
    case ThrottleShaftWorn = 'throttle_shaft_worn';
    case FloatSetHigh = 'float_set_high';
    case FloatSetLow = 'float_set_low';
    case FloatCracked = 'float_cracked';
    case NeedleWorn = 'needle_worn';
    case LeverSetHigh = 'lever_set_high';
    case LeverSetLow = 'lever_set_low';
    case DiaphragmStiff = 'metering_diaphragm_stiff';
    case BowlVentBlocked = 'bowl_vent_blocked';
    case MeteringVentBlocked = 'metering_vent_blocked';
    case FuelFilterClogged = 'fuel_filter_clogged';
    case FuelLineBlocked = 'fuel_line_blocked';
    case InletScreenBlocked = 'inlet_screen_blocked';
    case PulseHoseLeaking = 'pulse_hose_leaking';
    case PumpDiaphragmWorn = 'pump_diaphragm_worn';
    case StaleFuel = 'stale_fuel';
    case WaterInFuel = 'water_in_fuel';
    case AirFilterClogged = 'air_filter_clogged';
    case AirInletNest = 'air_inlet_nest';
    case ChokeLeftOn = 'choke_left_on';
    case ChokeDoesNotClose = 'choke_does_not_close';
    case LowCompression = 'low_compression';
    case ExhaustCarboned = 'exhaust_carboned';
    case SparkScreenChoked = 'spark_screen_choked';
    case EmulsionTubeBlocked = 'emulsion_tube_blocked';
    case CheckValveJointLeaks = 'check_valve_joint_leaks';
    case DirtUnderNeedle = 'dirt_under_needle';
    case SeatWorn = 'seat_worn';
    case NeedleStuckShut = 'needle_stuck_shut';
    case FuelLineDrawsAir = 'fuel_line_draws_air';
    case FlapValveCurled = 'flap_valve_curled';
    case TankVentBlocked = 'tank_vent_blocked';
    case WeakSpark = 'weak_spark';
    case IdleMixtureLean = 'idle_mixture_lean';
    case IdleMixtureRich = 'idle_mixture_rich';
    case MainMixtureLean = 'main_mixture_lean';
    case MainMixtureRich = 'main_mixture_rich';

    /** Dirt where the idle fuel goes. */
    private const PLUGS_LOW = [self::PilotCircuitBlocked, self::LowDrillingsBlocked, self::DischargeHolesBlocked];

    /** The supply is short. */
    private const STARVES = [
        self::FuelFilterClogged,
        self::FuelLineBlocked,
        self::InletScreenBlocked,
        self::PulseHoseLeaking,
        self::PumpDiaphragmWorn,
        self::NeedleStuckShut,
        self::FuelLineDrawsAir,
        self::FlapValveCurled,
        self::TankVentBlocked,
    ];

    /** Of what a clear line gives, what seeps past a needle that is stuck shut. */
    private const SEEPS = 0.3;

    /** A screw that stands wrong by so many turns at most. */
    private const LEAN_TURNS = 0.75;

    private const RICH_TURNS = 1.5;

    /** Nothing is worse than all but this left. */
    private const LEAST = 0.02;

    /** @throws UnusableEngine If there is no such fault, or it is not from 0 to 1. */
    public static function named(string $name, float $strength): self
    {
        UnusableEngine::unlessWithin("fault {$name}", $strength, 0.0, 1.0);

        return self::tryFrom($name) ?? throw UnusableEngine::wrong('fault', 'one of '.implode(
            ', ',
            array_map(static fn (self $f): string => $f->value, self::cases()),
        ));
    }

    /** Whether a cold start shows it: a tank has breathed in by the morning, whatever stops its vent. */
    public function isThereCold(): bool
    {
        return $this !== self::TankVentBlocked;
    }

    /** The engine with it. */
    public function in(VirtualEngine $engine, float $strength): VirtualEngine
    {
        return new VirtualEngine(
            $this->inCylinder($engine->cylinder, $strength),
            $this->inThroat($engine->throat, $strength),
            $this->inCircuits($engine, $strength),
        );
    }

    /** How it then stands, whatever was set. */
    public function at(Setting $setting, float $strength): Setting
    {
        $choke = match ($this) {
            self::ChokeLeftOn => max($setting->choke, $strength),
            self::ChokeDoesNotClose => min($setting->choke, 1.0 - $strength),
            default => $setting->choke,
        };

        $high = match ($this) {
            self::MainMixtureLean => max(0.0, $setting->highTurns - self::LEAN_TURNS * $strength),
            self::MainMixtureRich => $setting->highTurns + self::RICH_TURNS * $strength,
            default => $setting->highTurns,
        };
        $low = match ($this) {
            self::IdleMixtureLean => max(0.0, $setting->lowTurns - self::LEAN_TURNS * $strength),
            self::IdleMixtureRich => $setting->lowTurns + self::RICH_TURNS * $strength,
            default => $setting->lowTurns,
        };

        return new Setting($setting->throttleDeg, $high, $low, $choke);
    }

    /** Of the fuel that a cold engine evaporates at the starter, what it still does: light ends are gone, water burns nothing. */
    public function evaporates(float $strength): float
    {
        return match ($this) {
            self::StaleFuel => 1.0 - 0.75 * $strength,
            self::WaterInFuel => 1.0 - 0.9 * $strength,
            default => 1.0,
        };
    }

    /** Of the power at the starter's speed, what is left: there what leaks has most time. */
    public function pulls(float $strength): float
    {
        return match ($this) {
            self::LowCompression => 1.0 - 0.9 * $strength,
            self::WeakSpark => 1.0 - 0.7 * $strength,
            default => 1.0,
        };
    }

    private function inCylinder(Cylinder $cylinder, float $strength): Cylinder
    {
        return match ($this) {
            self::StaleFuel => $cylinder->failing(1.0, 1.0 - 0.35 * $strength),
            self::WaterInFuel => $cylinder->failing(1.0, 1.0 - 0.7 * $strength),
            self::WeakSpark => $cylinder->failing(1.0, 1.0 - 0.3 * $strength),
            self::LowCompression => $cylinder->failing(1.0 - 0.2 * $strength, 1.0 - 0.5 * $strength),
            self::ExhaustCarboned, self::SparkScreenChoked => $cylinder->failing(1.0 - 0.4 * $strength, 1.0),
            default => $cylinder,
        };
    }

    private function inThroat(Throat $throat, float $strength): Throat
    {
        $bore = $throat->boreMm2();
        $filter = max(self::LEAST, (1.0 - 0.7 * $strength) ** 2);

        return match ($this) {
            self::IntakeAirLeak, self::CrankcaseLeak => $throat->leaking(0.0, 0.006 * $strength * $bore),
            self::ThrottleShaftWorn => $throat->leaking(0.0, 0.0025 * $strength * $bore),
            self::AirFilterClogged, self::AirInletNest => $throat->leaking(0.0, 0.0, $filter),
            default => $throat,
        };
    }

    private function inCircuits(VirtualEngine $engine, float $strength): Circuits
    {
        $circuits = $engine->circuits;
        $open = 1.0 - $strength;
        if (in_array($this, self::PLUGS_LOW, true)) {
            return $circuits->plugged($circuits->highOpen, $circuits->lowOpen * $open);
        }
        if (in_array($this, self::STARVES, true)) {
            $left = max(self::LEAST, $this === self::NeedleStuckShut ? self::SEEPS * $open : $open);

            return $circuits->starved(1.0, $left * self::mostFuel($engine->cylinder));
        }
        $signal = $circuits->idleSignal;

        return match ($this) {
            self::MainJetClogged, self::HighCircuitBlocked => $circuits->plugged($circuits->highOpen * $open, $circuits->lowOpen),
            self::EmulsionTubeBlocked => $circuits->plugged($circuits->highOpen * (1.0 - 0.7 * $strength), $circuits->lowOpen),
            self::IdleAirBlocked, self::AirJetsBlocked => $circuits->signalling($signal * (1.0 + 2.0 * $strength)),
            self::CheckValveLeaking, self::CheckValveJointLeaks => $circuits->signalling($signal * (1.0 - 0.8 * $strength)),
            self::FloatSetHigh, self::LeverSetHigh => $circuits->lifting(-6.0 * $strength),
            self::FloatSetLow, self::LeverSetLow => $circuits->lifting(6.0 * $strength),
            self::FloatCracked => $circuits->lifting(-20.0 * $strength),
            self::NeedleWorn, self::SeatWorn, self::DirtUnderNeedle => $circuits->lifting(-12.0 * $strength),
            self::DiaphragmStiff => $circuits->lifting(15.0 * $strength),
            self::BowlVentBlocked, self::MeteringVentBlocked => $circuits->starved(1.0 - 0.8 * $strength, INF),
            default => $circuits,
        };
    }

    /** Twice what fills and burns at the most speed: what a clear line gives. kg/s. */
    private static function mostFuel(Cylinder $cylinder): float
    {
        $fills = $cylinder->volumetricEfficiency * $cylinder->sweeps($cylinder->maximumRpm);

        return 2.0 * $fills * Weather::standard()->density() / Cylinder::STOICHIOMETRIC;
    }
}
