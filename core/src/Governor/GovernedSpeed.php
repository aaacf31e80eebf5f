<?php

declare(strict_types=1);

namespace DustyJet\Governor;

/**
 * A governed speed as it was read, and what to do about it.
 *
 * f = poles x rpm / 120 and droop = (no load - full load) / full load: any machines text. How far above the wanted band is
 * dangerous and how much droop is too much are from memory; that the spring sets the speed, by its tab or its hole, is
 * common practice.
 */
final readonly class GovernedSpeed
{
    /** Above the highest wanted by this share it is over-speed. From memory. */
    private const OVER = 0.08;

    /** A governor that droops more has a weak spring, a poor hole, or too little power behind it. From memory. */
    private const MOST_DROOP = 0.07;

    private const MAINS_HZ = [50.0, 60.0];

    /** So far from the mains frequency under load is near enough. From memory. */
    private const NEAR_HZ = 2.0;

    /**
     * @param  array{0: float, 1: float}  $wantedRpm without load
     * @param  float|null  $fullLoadRpm null where it was not loaded
     * @param  int|null  $poles of a generator
     */
    private function __construct(
        private array $wantedRpm,
        public float $noLoadRpm,
        public ?float $fullLoadRpm,
        private ?int $poles,
        private Steadiness $steadiness,
    ) {
    }

    /**
     * @param  array{0: float, 1: float}  $wantedRpm without load
     *
     * @throws UnusableSpeed If a number cannot be.
     */
    public static function of(
        array $wantedRpm,
        float $noLoadRpm,
        ?float $fullLoadRpm = null,
        ?int $poles = null,
        Steadiness $steadiness = Steadiness::Steady,
    ): self {
        $noLoadRpm > 0.0 || throw UnusableSpeed::field('The speed without load', 'above 0 rpm');
        $fullLoadRpm === null || ($fullLoadRpm > 0.0 && $fullLoadRpm <= $noLoadRpm)
            || throw UnusableSpeed::field('The speed under load', 'above 0 and no more than without load');
        in_array($poles, [null, 2, 4, 6], true) || throw UnusableSpeed::field('poles', '2, 4 or 6');

        return new self($wantedRpm, $noLoadRpm, $fullLoadRpm, $poles, $steadiness);
    }

    /** Hz without load; null where it drives no generator. */
    public function noLoadHz(): ?float
    {
        return $this->poles === null ? null : self::hertz($this->poles, $this->noLoadRpm);
    }

    public function fullLoadHz(): ?float
    {
        return $this->poles === null || $this->fullLoadRpm === null ? null : self::hertz($this->poles, $this->fullLoadRpm);
    }

    /** Share of the loaded speed that a load takes; null where it was not loaded. */
    public function droop(): ?float
    {
        return $this->fullLoadRpm === null ? null : ($this->noLoadRpm - $this->fullLoadRpm) / $this->fullLoadRpm;
    }

    public function isOverSpeed(): bool
    {
        return $this->noLoadRpm > (1.0 + self::OVER) * $this->wantedRpm[1];
    }

    /** What to do, a sentence or two. */
    public function advice(): string
    {
        $hertz = $this->fullLoadHz();

        return match (true) {
            $this->isOverSpeed() => 'Shut it down: far over its governed speed. A lost linkage spring, a bent link or a rod that '
                .'does not close the plate comes before any adjustment.',
            $this->steadiness === Steadiness::SurgesHeld => 'It surges with the governor held: that is fuel, not governor. Lean: '
                .'a blocked pilot circuit, or air drawn in.',
            $this->steadiness === Steadiness::Hunts => 'It hunts, and runs steady with the governor held: the governor. Free the '
                .'linkage and look at its spring and its hole; then the mixture, a little richer.',
            $this->noLoadRpm > $this->wantedRpm[1] => 'Too fast: slacken the governor spring, by its tab a hair at a time or one '
                .'hole. Never by the stop screw.',
            $this->noLoadRpm < $this->wantedRpm[0] => 'Too slow: tension the governor spring, by its tab a hair at a time or one '
                .'hole. See first that the throttle can open fully.',
            ($this->droop() ?? 0.0) > self::MOST_DROOP => 'It sags under load: a hole that makes the governor keener, a tired '
                .'spring, or not enough power. Try the power first: choke a little, and see whether it picks up.',
            $hertz !== null && self::fromMains($hertz) > self::NEAR_HZ => 'The speed is as wanted, the frequency under load is not: '
                .'check the poles on the plate before the spring is touched.',
            default => 'As wanted. Leave it.',
        };
    }

    public function isAsWanted(): bool
    {
        return $this->advice() === 'As wanted. Leave it.';
    }

    private static function hertz(int $poles, float $rpm): float
    {
        return $poles * $rpm / 120.0;
    }

    private static function fromMains(float $hertz): float
    {
        return min(array_map(static fn (float $mains): float => abs($hertz - $mains), self::MAINS_HZ));
    }
}
