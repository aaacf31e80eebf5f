<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/**
 * A governor that moves the throttle by the speed: shut to its stop at the speed without load, wide open at the droop
 * below it, in a straight line between; its weights or its vane follow as a mass on a spring does. What does not rub enough, or pulls
 * too hard for its speed, hunts. Droop, swing and damping are from memory.
 */
final readonly class Governor
{
    /** A mower's: 3,600 without load, some 250 less at full load. */
    public const DROOP = 0.07;

    /** Of its weights and its spring, radians a second. */
    private const SWING = 80.0;

    /** Of critical: one that is well comes to rest without a swing. */
    public const DAMPING = 0.8;

    /** It is watched so long, of which the last half counts. */
    private const WATCHED_SECONDS = 6.0;

    private const STEP_SECONDS = 0.01;

    /**
     * @param  float  $rpm without load
     * @param  float  $stopDeg no governor shuts the throttle further
     * @param  float  $droop share of the speed from shut to wide open
     * @param  float  $damping of critical: what rubs; near 0 it swings on
     *
     * @throws UnusableEngine If there is no such governor.
     */
    public function __construct(
        public float $rpm,
        private float $stopDeg,
        private float $droop = self::DROOP,
        private float $damping = self::DAMPING,
    ) {
        UnusableEngine::unlessWithin('governed_rpm', $rpm, 500.0, 20_000.0);
        UnusableEngine::unlessWithin('stop_deg', $stopDeg, 0.0, Goals::FULL_DEG);
        UnusableEngine::unlessWithin('droop', $droop, 0.005, 0.5);
        UnusableEngine::unlessWithin('damping', $damping, 0.0, 5.0);
    }

    /** Where it puts the throttle at a speed, degrees from closed. */
    public function degrees(float $rpm): float
    {
        $shut = 1.0 - ($this->rpm - $rpm) / ($this->droop * $this->rpm);

        return Goals::FULL_DEG + ($this->stopDeg - Goals::FULL_DEG) * max(0.0, min(1.0, $shut));
    }

    /**
     * Where it gets to in a moment on its way there: a mass on a spring, stepped with its new speed so that it gains none.
     *
     * @param  array{degrees: float, speed: float}  $from degrees, and degrees a second
     *
     * @return array{degrees: float, speed: float}
     */
    public function follows(array $from, float $rpm, float $seconds): array
    {
        $pull = self::SWING ** 2 * ($this->degrees($rpm) - $from['degrees']);
        $speed = ($from['speed'] + $seconds * $pull) / (1.0 + 2.0 * $this->damping * self::SWING * $seconds);
        $degrees = $from['degrees'] + $seconds * $speed;
        $held = max($this->stopDeg, min(Goals::FULL_DEG, $degrees));

        return ['degrees' => $held, 'speed' => $held === $degrees ? $speed : 0.0];
    }

    /** The highest speed at which throttle, engine and governor agree. */
    public function steady(VirtualEngine $engine, Setting $screws, Weather $weather): Running
    {
        $rpm = VirtualEngine::highestThatHolds(fn (float $rpm): float => $engine->spare(
            $rpm,
            $engine->flows($rpm, $screws->at($this->degrees($rpm)), $weather),
            $weather,
        ), $engine->cylinder->maximumRpm);
        $setting = $screws->at($this->degrees($rpm));

        return new Running($rpm, $engine->flows($rpm, $setting, $weather), $setting, $engine->cylinder);
    }

    /**
     * How far its speed wanders once it is left alone, as a share of the governed speed: a governor too eager for its lag
     * hunts. One that stalls has wandered all the way.
     */
    public function wanders(VirtualEngine $engine, Setting $screws, Weather $weather): float
    {
        $transient = new Transient($engine, $weather, 0.97 * $this->rpm, $this);
        $low = INF;
        $high = 0.0;
        for ($at = 0.0; $at < self::WATCHED_SECONDS; $at += self::STEP_SECONDS) {
            $rpm = $transient->run($screws, self::STEP_SECONDS, self::STEP_SECONDS);
            if ($at >= 0.5 * self::WATCHED_SECONDS) {
                $low = min($low, $rpm);
                $high = max($high, $rpm);
            }
        }

        return $low <= 0.0 ? 1.0 : ($high - $low) / $this->rpm;
    }
}
