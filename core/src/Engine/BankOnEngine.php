<?php

declare(strict_types=1);

namespace DustyJet\Engine;

use DustyJet\Quantity\PressureUnit;

/** One engine with a carburetor for each cylinder: they share a crankshaft, and so a speed, and each draws its own vacuum. */
final readonly class BankOnEngine
{
    private const MOST = 6;

    /** @param  list<VirtualEngine>  $cylinders two to six */
    public function __construct(public array $cylinders)
    {
        UnusableEngine::unlessWithin('cylinders', (float) count($cylinders), 2.0, (float) self::MOST);
    }

    /**
     * @param  list<Setting>  $settings one a cylinder
     *
     * @return array{rpm: float, vacuum_inhg: list<float>} 0 and none when it has stalled
     */
    public function idles(array $settings, Weather $weather): array
    {
        count($settings) === count($this->cylinders) || throw UnusableEngine::wrong('settings', 'one a cylinder');
        $spare = function (float $rpm) use ($settings, $weather): float {
            $watts = 0.0;
            foreach ($this->cylinders as $i => $engine) {
                $watts += $engine->spare($rpm, $engine->flows($rpm, $settings[$i], $weather), $weather);
            }

            return $watts;
        };
        $fastest = $this->cylinders[0]->cylinder->maximumRpm;
        $rpm = VirtualEngine::highestThatHolds($spare, $fastest);
        $inhg = PressureUnit::InchOfMercury->kilopascals() * 1000.0;
        $vacuum = fn (VirtualEngine $e, Setting $s): float => ($weather->pascals - $e->flows($rpm, $s, $weather)->manifoldPa) / $inhg;

        return ['rpm' => $rpm, 'vacuum_inhg' => $rpm > 0.0 ? array_map($vacuum, $this->cylinders, $settings) : []];
    }
}
