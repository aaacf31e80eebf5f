<?php

declare(strict_types=1);

namespace DustyJet\Practice;

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Finding;
use DustyJet\Engine\EngineFault;
use DustyJet\Numerics\Chance;

/**
 * Somebody who answers the diagnosis with ear, eye and gauge only: runs show what they show, a part that is looked at shows
 * whether it is sound, and now and then he is wrong. He knows no fault and no likelihood.
 */
final readonly class Technician
{
    /** Of what is there, what he does not see; of what is not, what he believes he sees. From memory. */
    private const MISSES = 0.04;

    private const IMAGINES = 0.01;

    /** Between needle and seat. */
    private const LEAKS_INSIDE = [EngineFault::NeedleWorn, EngineFault::SeatWorn, EngineFault::DirtUnderNeedle];

    /** What the eye or the gauge sees of a part, whatever the engine does. */
    private const SEEN = [
        'main_jet_dark' => [EngineFault::MainJetClogged],
        'high_jet_missing' => [EngineFault::HighCircuitBlocked],
        'pilot_jet_dark' => [EngineFault::PilotCircuitBlocked],
        'low_jets_missing' => [EngineFault::LowDrillingsBlocked],
        'discharge_blocked' => [EngineFault::DischargeHolesBlocked],
        'idle_air_shut' => [EngineFault::IdleAirBlocked],
        'air_jets_dark' => [EngineFault::AirJetsBlocked],
        'emulsion_dark' => [EngineFault::EmulsionTubeBlocked],
        'check_valve_leaks' => [EngineFault::CheckValveLeaking, EngineFault::CheckValveJointLeaks],
        'check_valve_leaks_alone' => [EngineFault::CheckValveLeaking],
        'crankcase_leaks' => [EngineFault::CrankcaseLeak],
        'shaft_play' => [EngineFault::ThrottleShaftWorn],
        'float_shuts_late' => [EngineFault::FloatSetHigh],
        'float_shuts_early' => [EngineFault::FloatSetLow],
        'float_heavy' => [EngineFault::FloatCracked],
        'needle_leaks' => self::LEAKS_INSIDE,
        'needle_ridged' => [EngineFault::NeedleWorn],
        'dirt_on_seat' => [EngineFault::DirtUnderNeedle],
        'seat_marked' => [EngineFault::SeatWorn],
        'whole_carburetor_leaks' => self::LEAKS_INSIDE,
        'needle_sticks' => [EngineFault::NeedleStuckShut],
        'bowl_dry' => [EngineFault::NeedleStuckShut],
        'bubbles_in_line' => [EngineFault::FuelLineDrawsAir],
        'flap_curled' => [EngineFault::FlapValveCurled],
        'screw_misset' => [
            EngineFault::IdleMixtureLean,
            EngineFault::IdleMixtureRich,
            EngineFault::MainMixtureLean,
            EngineFault::MainMixtureRich,
        ],
        'lever_high' => [EngineFault::LeverSetHigh],
        'lever_low' => [EngineFault::LeverSetLow],
        'metering_stiff' => [EngineFault::DiaphragmStiff],
        'bowl_vent_shut' => [EngineFault::BowlVentBlocked],
        'metering_vent_shut' => [EngineFault::MeteringVentBlocked],
        'fuel_filter_dirty' => [EngineFault::FuelFilterClogged],
        'screen_blocked' => [EngineFault::InletScreenBlocked],
        'pulse_hose_soft' => [EngineFault::PulseHoseLeaking],
        'pulse_missing' => [EngineFault::PulseHoseLeaking],
        'pump_diaphragm_poor' => [EngineFault::PumpDiaphragmWorn],
        'fuel_smells_stale' => [EngineFault::StaleFuel],
        'water_in_sample' => [EngineFault::WaterInFuel],
        'air_filter_dirty' => [EngineFault::AirFilterClogged],
        'air_inlet_blocked' => [EngineFault::AirInletNest],
        'choke_stays_shut' => [EngineFault::ChokeLeftOn],
        'choke_stays_open' => [EngineFault::ChokeDoesNotClose],
        'exhaust_choked' => [EngineFault::ExhaustCarboned],
        'spark_screen_carboned' => [EngineFault::SparkScreenChoked],
    ];

    /** What no engine of this model has a place for: he says that he cannot tell. */
    private const CANNOT_TELL = [
        'bowl_dirty',
        'balance_off',
        'one_needs_richer',
        'one_cylinder_dead',
        'fuel_in_oil',
        'plate_light',
    ];

    public function __construct(private SickEngine $engine, private Symptoms $symptoms, private Chance $chance)
    {
    }

    public static function at(SickEngine $engine, Chance $chance): self
    {
        return new self($engine, new Symptoms($engine), $chance);
    }

    /**
     * What the customer would say of it: what it does, not what it does not.
     *
     * @param  array<string, Finding>  $findings
     *
     * @return array<string, Answer>
     */
    public function complaints(array $findings): array
    {
        $said = [];
        foreach ($findings as $id => $finding) {
            $answer = $finding->isComplaint() ? $this->symptoms->of($id) : null;
            if ($answer !== null && $answer->isThere()) {
                $said[$id] = $answer;
            }
        }

        return $said;
    }

    public function answer(Finding $finding): Answer
    {
        $id = $finding->id;
        if ($finding->group === 'history' || in_array($id, self::CANNOT_TELL, true)) {
            return Answer::CannotTell;
        }
        $true = $this->symptoms->of($id) ?? ($this->engine->has(...self::SEEN[$id] ?? []) ? Answer::Yes : Answer::No);
        if ($this->chance->between(0.0, 1.0) >= ($true->isThere() ? self::MISSES : self::IMAGINES)) {
            return $true;
        }

        return $true->isThere() ? Answer::No : ($finding->isGraded() ? Answer::Some : Answer::Yes);
    }
}
