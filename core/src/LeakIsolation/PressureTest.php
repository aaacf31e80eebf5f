<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** A boundary under pressure: which joints it holds, what it came to, and how much it leaked if that was measured. */
final readonly class PressureTest
{
    /** Where no uncertainty of a flow is known: a twentieth of it, and this. From memory. */
    private const ROUGH_MILLILITRES_PER_MINUTE = 0.05;

    private const ROUGH_SHARE = 0.05;

    public ?float $sigma;

    /**
     * @param  list<string>  $joints
     * @param  float|null  $flow ml/min at the test's pressure
     * @param  float|null  $sigma standard deviation of it, ml/min
     */
    public function __construct(
        public string $name,
        public array $joints,
        public float $kilopascals,
        public Outcome $outcome,
        public ?float $flow = null,
        ?float $sigma = null,
    ) {
        $this->sigma = $flow === null
            ? null
            : $sigma ?? self::ROUGH_MILLILITRES_PER_MINUTE + self::ROUGH_SHARE * abs($flow);
    }

    /**
     * The same leak at another pressure: a crack's flow goes with the pressure; a sharp hole's does not quite, which
     * widens it.
     *
     * @return array{flow: float, sigma: float}|null
     */
    public function at(float $kilopascals): ?array
    {
        if ($this->flow === null || $this->sigma === null) {
            return null;
        }
        $ratio = $kilopascals / $this->kilopascals;
        $law = 0.25 * abs($ratio - sqrt($ratio)) * $this->flow;

        return ['flow' => $ratio * $this->flow, 'sigma' => hypot($ratio * $this->sigma, $law)];
    }

    public function holds(string $joint): bool
    {
        return in_array($joint, $this->joints, true);
    }
}
