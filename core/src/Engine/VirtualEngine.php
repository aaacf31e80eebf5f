<?php

declare(strict_types=1);

namespace DustyJet\Engine;

use DustyJet\Air\IsentropicFlow;

/**
 * A mean-value engine with a carburetor: quasi-steady flows and one inertia.
 *
 * Air is drawn through throttle, venturi and choke as isentropic orifices in series and fills the cylinder by its
 * volumetric efficiency; the pressure behind the throttle balances the two. Venturi, choke and manifold draw the fuel:
 * venturi m^2 / (2 rho A_v^2), choke m^2 / (2 rho A_c^2), idle k_i (P_a - P_m). Power is that of the air at its best
 * mixture times what the mixture gives, against friction, drawing and a load cubic in speed. Mean-value engines:
 * Heywood, Internal Combustion Engine Fundamentals (1988), chapters 7 and 14; the numbers of an engine are from memory.
 */
final readonly class VirtualEngine
{
    /** Slower than this nothing fires again. */
    public const SLOWEST_RPM = 200.0;

    /** The scan for a speed that holds takes so many steps down from the highest. */
    private const STEPS = 240;

    private const RPM = 1e-4;

    public function __construct(public Cylinder $cylinder, public Throat $throat, public Circuits $circuits)
    {
    }

    /** What it draws at a speed, whether it can hold that speed or not. */
    public function flows(float $rpm, Setting $setting, Weather $weather): Flows
    {
        $venturi = $this->throat->venturi();
        $choke = $this->throat->choke($setting->choke);
        $through = Throat::inSeries($this->throat->throttle($setting->throttleDeg), $venturi, $choke);
        $all = $through + $this->throat->vacuumLeak();
        $draws = $this->cylinder->volumetricEfficiency * $this->cylinder->sweeps($rpm);
        if ($all <= 0.0 || $draws <= 0.0) {
            return new Flows($draws > 0.0 ? 0.0 : $weather->pascals, 0.0, 0.0, 0.0, 0.0);
        }
        $ratio = IsentropicFlow::ratioWhere($draws / ($all * $weather->speed));
        $air = $draws * $ratio * $weather->density();
        $metered = $air * $through / $all;
        $vacuum = $weather->pascals * (1.0 - $ratio);
        $dynamic = $metered ** 2 / (2.0 * $weather->density());
        $choked = $dynamic / $choke ** 2;
        $fuel = $this->circuits->fuel(
            $dynamic / $venturi ** 2 + $choked,
            $this->circuits->idleSignal * $vacuum + $choked,
            $setting,
        );

        return new Flows($weather->pascals - $vacuum, $air, $air - $metered, $fuel['main'], $fuel['idle']);
    }

    /**
     * Watts left over at a speed.
     *
     * @param  float|null  $phi of another mixture than it draws
     */
    public function spare(float $rpm, Flows $flows, Weather $weather, ?float $phi = null): float
    {
        return $this->cylinder->indicated($flows->airKgS) * $this->cylinder->output($phi ?? $flows->phi())
            - $this->cylinder->takes($rpm, $weather->pascals - $flows->manifoldPa);
    }

    /**
     * The fastest speed that holds: found from the top, then halved in on. Power to spare at the maximum is over-speed,
     * no speed that holds is stalled.
     */
    public function steady(Setting $setting, Weather $weather): Running
    {
        $spare = fn (float $rpm): float => $this->spare($rpm, $this->flows($rpm, $setting, $weather), $weather);
        $rpm = self::highestThatHolds($spare, $this->cylinder->maximumRpm);

        return new Running($rpm, $this->flows($rpm, $setting, $weather), $setting, $this->cylinder);
    }

    /**
     * @param  callable(float): float  $spare watts at a speed
     *
     * @return float rpm; 0 when nothing holds
     */
    public static function highestThatHolds(callable $spare, float $maximumRpm): float
    {
        $fast = $maximumRpm;
        $step = ($maximumRpm - self::SLOWEST_RPM) / self::STEPS;
        if ($spare($fast) > 0.0) {
            return $fast;
        }
        for ($i = 1; $i <= self::STEPS; $i++) {
            $slow = $maximumRpm - $i * $step;
            if ($spare($slow) > 0.0) {
                while ($fast - $slow > self::RPM) {
                    $middle = 0.5 * ($slow + $fast);
                    $spare($middle) > 0.0 ? $slow = $middle : $fast = $middle;
                }

                return 0.5 * ($slow + $fast);
            }
            $fast = $slow;
        }

        return 0.0;
    }
}
