<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/**
 * An engine in time: J dw/dt is the power to spare over the speed, by the midpoint rule. The main nozzle fills late,
 * which is what the idle circuit covers when the throttle is snapped open.
 */
final class Transient
{
    /** A nozzle fills and a wall wets in about so long. From memory. */
    private const FILLS_IN_SECONDS = 0.04;

    /** Fuel of the main nozzle as it arrives, kg/s; null until the first step. */
    private ?float $main = null;

    /** @var array{degrees: float, speed: float}|null where its governor has got the throttle to */
    private ?array $governed = null;

    /**
     * @param  float  $rpm as the starter leaves it
     * @param  Governor|null  $governor works the throttle instead of the hand
     */
    public function __construct(
        private readonly VirtualEngine $engine,
        private readonly Weather $weather,
        private float $rpm,
        private readonly ?Governor $governor = null,
    ) {
        UnusableEngine::unlessWithin('rpm', $rpm, 0.0, $engine->cylinder->maximumRpm);
    }

    public function rpm(): float
    {
        return $this->rpm;
    }

    /**
     * Goes on at one setting.
     *
     * @param  float  $seconds how long
     * @param  float  $step seconds; a hundredth is enough for anything that is watched by eye or ear
     *
     * @throws UnusableEngine If the step cannot be.
     */
    public function run(Setting $setting, float $seconds, float $step = 0.01): float
    {
        UnusableEngine::unlessWithin('seconds', $seconds, 0.0, 3600.0);
        UnusableEngine::unlessWithin('step', $step, 1e-4, 0.05);
        for ($left = $seconds; $left > 1e-9 && $this->rpm > 0.0; $left -= $step) {
            $this->step($setting, min($step, $left));
        }

        return $this->rpm;
    }

    private function step(Setting $setting, float $seconds): void
    {
        if ($this->governor !== null) {
            $this->governed ??= ['degrees' => $this->governor->degrees($this->rpm), 'speed' => 0.0];
            $this->governed = $this->governor->follows($this->governed, $this->rpm, $seconds);
            $setting = $setting->at($this->governed['degrees']);
        }
        $here = $this->engine->flows($this->rpm, $setting, $this->weather);
        $this->main ??= $here->mainKgS;
        $this->main += ($here->mainKgS - $this->main) * (1.0 - exp(-$seconds / self::FILLS_IN_SECONDS));
        $middle = $this->within($this->rpm + 0.5 * $seconds * $this->gains($this->rpm, $here));
        $this->rpm = $middle <= 0.0 ? 0.0 : $this->within(
            $this->rpm + $seconds * $this->gains($middle, $this->engine->flows($middle, $setting, $this->weather)),
        );
    }

    /** Rpm a second. */
    private function gains(float $rpm, Flows $flows): float
    {
        $late = new Flows($flows->manifoldPa, $flows->airKgS, $flows->leakKgS, (float) $this->main, $flows->idleKgS);
        $omega = max(1.0, $rpm * M_PI / 30.0);

        $torque = $this->engine->spare($rpm, $late, $this->weather) / $omega;

        return $torque / $this->engine->cylinder->inertia() * 30.0 / M_PI;
    }

    /** What turns slower than a starter turns it has stopped. */
    private function within(float $rpm): float
    {
        return $rpm < VirtualEngine::SLOWEST_RPM ? 0.0 : min($rpm, $this->engine->cylinder->maximumRpm);
    }
}
