<?php

declare(strict_types=1);

use Tests\Core\Diagnosis\Knowledge;

// Rules of thumb of the trade, each common practice: what is said on the left points at the fault on the right. The
// fault must come out as the leader or second in its family. Several faults: one of them must lead, all named are what
// the rule names.

dataset('rules of thumb', [
    'runs only on choke, float: a jet' => [
        'float_pilot_jet',
        ['runs_only_on_choke' => 'yes'],
        ['main_jet_clogged', 'pilot_circuit_blocked'],
        [],
    ],
    'runs only on choke, cube: metering or pump' => [
        'cube_opposed',
        ['runs_only_on_choke' => 'yes'],
        ['metering_diaphragm_stiff', 'pump_diaphragm_worn', 'low_drillings_blocked'],
        [],
    ],
    'runs only on choke, weak flow: supply' => [
        'float_fixed_jet',
        ['runs_only_on_choke' => 'yes', 'flow_weak' => 'yes'],
        ['fuel_line_blocked', 'fuel_filter_clogged'],
        [],
    ],
    'runs only on choke, draws air: the joint' => [
        'float_pilot_jet',
        ['runs_only_on_choke' => 'yes', 'changes_when_sprayed' => 'yes'],
        ['intake_air_leak'],
        [],
    ],
    'surges, choke helps for a moment: pilot or main jet' => [
        'float_pilot_jet',
        ['surges' => 'strong', 'better_with_choke' => 'yes'],
        ['pilot_circuit_blocked', 'main_jet_clogged'],
        [],
    ],
    'surges, jets clean: the pump' => [
        'float_side_pump',
        [
            'surges' => 'strong',
            'better_with_choke' => 'yes',
            'main_jet_dark' => 'no',
            'pilot_jet_dark' => 'no',
            'emulsion_dark' => 'no',
        ],
        ['pump_diaphragm_worn'],
        [],
    ],
    'black smoke at idle: idle mixture out too far' => [
        'float_adjustable_main',
        ['black_smoke' => 'some', 'smoke_at_idle' => 'yes'],
        ['idle_mixture_rich'],
        [],
    ],
    'large puff on opening: main too rich' => [
        'float_adjustable_main',
        ['black_smoke' => 'strong', 'puff_on_opening' => 'yes'],
        ['main_mixture_rich'],
        [],
    ],
    'dies on throttle-down: idle too lean' => [
        'float_pilot_jet',
        ['dies_on_throttle_down' => 'yes'],
        ['idle_mixture_lean', 'pilot_circuit_blocked'],
        [],
    ],
    'dies on throttle-down, a quarter out helps: idle too lean' => [
        'small_outboard',
        ['dies_on_throttle_down' => 'yes', 'better_quarter_out' => 'yes'],
        ['idle_mixture_lean'],
        [],
    ],
    'hesitates on opening: L too lean' => [
        'cube_opposed',
        ['stumbles_on_opening' => 'yes', 'dies_on_throttle_down' => 'yes'],
        ['idle_mixture_lean', 'low_drillings_blocked'],
        [],
    ],
    'dies when tilted: L too rich' => ['cube_opposed', ['dies_when_tilted' => 'yes'], ['idle_mixture_rich'], []],
    'races without power: H still too lean' => [
        'cube_opposed',
        ['races_without_power' => 'yes'],
        ['main_mixture_lean'],
        [],
    ],
    'lags and breathes less: too rich' => [
        'float_adjustable_main',
        ['no_power' => 'some', 'lags_and_fluffs' => 'yes'],
        ['main_mixture_rich', 'air_filter_clogged'],
        [],
    ],
    'lean at idle, fine wide open: the check valve, once the low side shows its jets' => [
        'cube_opposed',
        ['will_not_idle' => 'yes', 'only_at_idle' => 'yes', 'low_jets_missing' => 'no', 'better_with_choke' => 'yes'],
        ['check_valve_leaking', 'idle_mixture_lean'],
        ['check_valve_leaking'],
    ],
    'wide open only, float: the main jet' => [
        'float_pilot_jet',
        ['no_power' => 'strong', 'only_at_full_throttle' => 'yes'],
        ['main_jet_clogged', 'fuel_filter_clogged'],
        [],
    ],
    'wide open only, cube: high circuit or supply' => [
        'cube_opposed',
        ['no_power' => 'strong', 'only_at_full_throttle' => 'yes'],
        ['inlet_screen_blocked', 'high_circuit_blocked', 'main_mixture_lean', 'metering_diaphragm_stiff'],
        [],
    ],
    'idle only, float: the pilot jet' => [
        'float_pilot_jet',
        ['will_not_idle' => 'yes', 'only_at_idle' => 'yes'],
        ['pilot_circuit_blocked'],
        [],
    ],
    'idle only, cube: the low drillings' => [
        'cube_opposed',
        ['will_not_idle' => 'yes', 'only_at_idle' => 'yes'],
        ['low_drillings_blocked'],
        [],
    ],
    'idle only, packed needle: packing or idle air' => [
        'small_outboard',
        ['erratic_idle' => 'yes', 'will_not_idle' => 'yes', 'only_at_idle' => 'yes'],
        ['packing_loose', 'pilot_circuit_blocked'],
        ['packing_loose'],
    ],
    'bogs: metering diaphragm stiff' => ['cube_opposed', ['bogs' => 'yes'], ['metering_diaphragm_stiff'], []],
    'bogs, diaphragm soft: vent or lever' => [
        'cube_stacked',
        [
            'bogs' => 'yes',
            'metering_stiff' => 'no',
            'flow_weak' => 'no',
            'screen_blocked' => 'no',
            'high_jet_missing' => 'no',
            'metering_vent_shut' => 'no',
        ],
        ['lever_set_low', 'main_mixture_lean', 'pump_diaphragm_worn'],
        ['lever_set_low'],
    ],
    'erratic idle, slow back: the shaft' => [
        'float_fixed_jet',
        ['erratic_idle' => 'yes', 'slow_return_to_idle' => 'yes'],
        ['throttle_shaft_worn', 'linkage_spring_lost'],
        ['throttle_shaft_worn'],
    ],
    'slow back to idle, linkage not right: the return spring' => [
        'cube_opposed',
        ['slow_return_to_idle' => 'yes', 'linkage_wrong' => 'yes'],
        ['return_spring_broken'],
        [],
    ],
    'one of the bank needs richer: its idle jet is dirty' => [
        'outboard_bank',
        ['erratic_idle' => 'yes', 'one_needs_richer' => 'yes'],
        ['pilot_circuit_blocked'],
        [],
    ],
    'two turns past base: dirt, not adjustment' => [
        'float_pilot_jet',
        ['will_not_idle' => 'yes', 'screw_far_out' => 'yes'],
        ['pilot_circuit_blocked'],
        [],
    ],
    'needle still leaks wet: dirt first, wear second' => [
        'float_fixed_jet',
        ['floods' => 'yes', 'needle_leaks' => 'yes'],
        ['dirt_under_needle', 'needle_worn'],
        ['dirt_under_needle', 'needle_worn'],
    ],
    'needle leaks though the lever is free: dirt first, wear second' => [
        'cube_opposed',
        ['floods' => 'yes', 'needle_leaks' => 'yes', 'lever_high' => 'no'],
        ['dirt_under_needle', 'needle_worn'],
        ['dirt_under_needle', 'needle_worn'],
    ],
    'fuel in the oil, gravity: the needle' => [
        'float_fixed_jet',
        ['fuel_in_oil' => 'yes'],
        ['dirt_under_needle', 'needle_worn'],
        ['dirt_under_needle', 'needle_worn'],
    ],
    'fuel in the oil, pump-fed: the pulse diaphragm' => [
        'float_side_pump',
        ['fuel_in_oil' => 'yes'],
        ['pulse_diaphragm_pinhole'],
        [],
    ],
    'fuel in the oil, external pump: the pulse diaphragm' => [
        'pulse_pump',
        ['fuel_in_oil' => 'yes'],
        ['pulse_diaphragm_pinhole'],
        [],
    ],
    'fuel from the vent on the bulb: needle or float' => [
        'small_outboard',
        ['fuel_dripping' => 'yes', 'vent_weeps_on_bulb' => 'yes'],
        ['dirt_under_needle', 'needle_worn', 'float_rubbing'],
        [],
    ],
    'fuel at shaft and vents: flooding' => [
        'outboard_bank',
        ['fuel_dripping' => 'yes'],
        ['dirt_under_needle', 'needle_worn'],
        [],
    ],
    'updraft runs on with good float and needle: the nozzle' => [
        'updraft',
        ['fuel_dripping' => 'yes', 'needle_leaks' => 'no', 'float_heavy' => 'no', 'float_binds' => 'no'],
        ['nozzle_not_bedded'],
        [],
    ],
    'whole carburetor leaks, holds without the barb: the barb' => [
        'cube_opposed',
        ['hard_to_start' => 'yes', 'whole_carburetor_leaks' => 'yes', 'holds_without_barb' => 'yes'],
        ['inlet_barb_split'],
        [],
    ],
    'whole leaks, needle alone holds: cover, gasket or diaphragm' => [
        'cube_opposed',
        [
            'hard_to_start' => 'yes',
            'whole_carburetor_leaks' => 'yes',
            'needle_leaks' => 'no',
            'holds_without_barb' => 'no',
        ],
        ['cover_joint_leaks'],
        [],
    ],
    'check valve leaks in place, holds alone: the joint' => [
        'cube_opposed',
        ['will_not_idle' => 'yes', 'check_valve_leaks' => 'yes', 'check_valve_leaks_alone' => 'no'],
        ['check_valve_joint_leaks'],
        [],
    ],
    'check valve leaks alone: replace it' => [
        'cube_opposed',
        ['will_not_idle' => 'yes', 'check_valve_leaks' => 'yes', 'check_valve_leaks_alone' => 'yes'],
        ['check_valve_leaking'],
        [],
    ],
    'wandering idle, wetting a joint changes it: air leak' => [
        'outboard_bank',
        ['erratic_idle' => 'yes', 'changes_when_sprayed' => 'yes'],
        ['intake_air_leak'],
        [],
    ],
    'flooding, first in likelihood: dirt under the needle' => [
        'float_fixed_jet',
        ['floods' => 'yes'],
        ['dirt_under_needle'],
        [],
    ],
    'cleaning did not bring back idle: then the pump' => [
        'float_side_pump',
        ['surges' => 'strong', 'better_with_choke' => 'yes', 'flow_weak' => 'yes'],
        ['pump_diaphragm_worn', 'pulse_hose_leaking', 'fuel_line_blocked', 'fuel_filter_clogged'],
        [],
    ],
    'fires on primed fuel, then dies: supply or bad fuel' => [
        'float_fixed_jet',
        ['will_not_start' => 'yes', 'fires_on_priming' => 'yes'],
        ['main_jet_clogged', 'fuel_line_blocked', 'fuel_filter_clogged', 'stale_fuel'],
        [],
    ],
    'known good spark, hard start: the carburetor or its fuel' => [
        'float_pilot_jet',
        ['hard_to_start' => 'strong', 'spark_poor' => 'no', 'compression_low' => 'no', 'fuel_smells_stale' => 'no'],
        ['pilot_circuit_blocked', 'main_jet_clogged'],
        [],
    ],
    'fades, runs on with the cap loose: the tank vent' => [
        'float_fixed_jet',
        ['fades_when_worked' => 'yes', 'better_with_cap_loose' => 'yes'],
        ['tank_vent_blocked'],
        [],
    ],
]);

it('agrees with the trade', function (string $family, array $answers, array $leads, array $withinTwo): void {
    $suspects = Knowledge::diagnose($family, $answers)->suspects;
    $top = [$suspects[0]->fault->id, $suspects[1]->fault->id];

    expect(array_intersect($leads, $top))
        ->not->toBe([], 'leads: '.implode(', ', $top))
        ->and(array_values(array_diff($withinTwo, $top)))
        ->toBe([]);
})->with('rules of thumb');

it('ranks what floods an engine in the order of the trade', function (): void {
    $chance = [];
    foreach (Knowledge::diagnose('float_side_pump', ['floods' => 'yes'])->suspects as $suspect) {
        $chance[$suspect->fault->id] = $suspect->probability;
    }
    $order = ['dirt_under_needle', 'float_cracked', 'float_rubbing', 'choke_left_on', 'air_inlet_nest'];
    $given = array_values(array_intersect(array_keys($chance), $order));

    expect($given)->toBe($order);
});
