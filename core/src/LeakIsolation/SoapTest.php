<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** Soapy water on joints under pressure: those that bubbled. No bubbles is evidence, not proof. */
final readonly class SoapTest
{
    /** Sprayed on a leak it bubbles in about 97 of 100, on a sound joint in 1 of 200. From memory. */
    public const SHOWS = 0.97;

    public const INVENTS = 0.005;

    /**
     * @param  list<string>  $joints sprayed
     * @param  list<string>  $bubbled of them
     */
    public function __construct(public string $name, public array $joints, public array $bubbled)
    {
    }

    /** @param  list<string>  $leaking */
    public function logChance(array $leaking): float
    {
        $log = 0.0;
        foreach ($this->joints as $joint) {
            $chance = in_array($joint, $leaking, true) ? self::SHOWS : self::INVENTS;
            $log += log(in_array($joint, $this->bubbled, true) ? $chance : 1.0 - $chance);
        }

        return $log;
    }
}
