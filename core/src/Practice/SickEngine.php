<?php

declare(strict_types=1);

namespace DustyJet\Practice;

use DustyJet\Engine\EngineFault;
use DustyJet\Engine\Flows;
use DustyJet\Engine\Governor;
use DustyJet\Engine\Healthy;
use DustyJet\Engine\Running;
use DustyJet\Engine\Setting;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\Transient;
use DustyJet\Engine\UnusableEngine;
use DustyJet\Engine\VirtualEngine;
use DustyJet\Engine\Weather;

/** An engine with faults beside itself without them, its screws as they stood when it was well, and what can be tried on it. */
final class SickEngine
{
    /** A hand or a starter turns it so fast. From memory. */
    private const CRANKS_RPM = ['two' => 900.0, 'four' => 450.0];

    /** Of the speed it would run to unheld, what a four-stroke's governor is set to. From memory. */
    private const GOVERNED = 0.85;

    public const OPEN = 0.0;

    public const SHUT = 1.0;

    public readonly VirtualEngine $engine;

    /** It, before it has run. */
    private readonly VirtualEngine $cold;

    /** @var array<string, Running> */
    private array $runs = [];

    /** @var array{lowest: float, ends: float}|null */
    private ?array $snapped = null;

    /**
     * @param  array<string, float>  $faults strength of each, from 0 to 1, by the name of its EngineFault
     *
     * @throws UnusableEngine If there is no such fault, or it is not from 0 to 1.
     */
    public function __construct(public readonly Healthy $well, public readonly array $faults)
    {
        $engine = $cold = $well->engine;
        foreach ($faults as $name => $strength) {
            $fault = EngineFault::named($name, $strength);
            $engine = $fault->in($engine, $strength);
            $cold = $fault->isThereCold() ? $fault->in($cold, $strength) : $cold;
        }
        $this->engine = $engine;
        $this->cold = $cold;
    }

    public function stroke(): Stroke
    {
        return $this->engine->cylinder->stroke;
    }

    public function has(EngineFault ...$faults): bool
    {
        return array_filter($faults, fn (EngineFault $f): bool => isset($this->faults[$f->value])) !== [];
    }

    /** At its idle stop. */
    public function idling(float $choke = self::OPEN, float $highTurns = 0.0, float $lowTurns = 0.0): Running
    {
        return $this->steady($this->well->idle, $choke, $highTurns, $lowTurns);
    }

    /** Wide open, with the load it was made with. */
    public function wideOpen(float $choke = self::OPEN, float $highTurns = 0.0, float $lowTurns = 0.0): Running
    {
        return $this->steady($this->well->full, $choke, $highTurns, $lowTurns);
    }

    /** A hand's breadth open. */
    public function partlyOpen(float $degrees, float $choke = self::OPEN): Running
    {
        return $this->steady($this->well->idle->at($degrees), $choke, 0.0, 0.0);
    }

    /** On its governor. */
    public function governed(): Running
    {
        return $this->governor()->steady($this->engine, $this->stands($this->well->full, self::OPEN), Weather::standard());
    }

    public function governor(): Governor
    {
        return new Governor(self::GOVERNED * $this->well->topRpm, $this->well->idle->throttleDeg);
    }

    /**
     * What it mixes at the starter's speed, cold, on full choke, against what it mixes there when it is well: of each pull
     * something stays on the walls for the next, so that half of it takes about twice the pulls.
     */
    public function coldShare(): float
    {
        $well = $this->well->engine->flows($this->starterRpm(), $this->shut(), Weather::standard())->phi();
        $share = $this->atTheStarter()->phi() / $well;
        foreach ($this->faults as $name => $strength) {
            $share *= EngineFault::from($name)->evaporates($strength);
        }

        return $share;
    }

    /** Of the work of a stroke at the starter's speed, what it does against what it does when it is well. */
    public function pulls(): float
    {
        $well = $this->well->engine;
        $had = $well->cylinder->indicated($well->flows($this->starterRpm(), $this->shut(), Weather::standard())->airKgS);
        $has = $this->engine->cylinder->indicated($this->atTheStarter()->airKgS);
        foreach ($this->faults as $name => $strength) {
            $has *= EngineFault::from($name)->pulls($strength);
        }

        return $has / $had;
    }

    private function atTheStarter(): Flows
    {
        return $this->cold->flows($this->starterRpm(), $this->stands($this->shut(), self::SHUT), Weather::standard());
    }

    private function starterRpm(): float
    {
        return self::CRANKS_RPM[$this->stroke() === Stroke::Two ? 'two' : 'four'];
    }

    private function shut(): Setting
    {
        $idle = $this->well->idle;

        return new Setting($idle->throttleDeg, $idle->highTurns, $idle->lowTurns, self::SHUT);
    }

    /**
     * From idle, snapped wide open.
     *
     * @return array{lowest: float, ends: float} rpm: the lowest it falls to, where it is after four seconds
     */
    public function snapped(): array
    {
        $from = $this->idling()->rpm;

        return $this->snapped ??= $from <= 0.0
            ? ['lowest' => 0.0, 'ends' => 0.0]
            : $this->inTime($from, $this->well->full, 4.0);
    }

    /**
     * From wide open, let go.
     *
     * @return array{lowest: float, ends: float} rpm, after a second and a half
     */
    public function letGo(): array
    {
        $from = $this->wideOpen()->rpm;
        if ($from <= 0.0) {
            return ['lowest' => 0.0, 'ends' => 0.0];
        }

        return $this->inTime($from, $this->well->idle, 1.5);
    }

    /** What it would draw wide open at its healthy speed. */
    public function drawsWideOpen(): Flows
    {
        return $this->engine->flows($this->well->topRpm, $this->stands($this->well->full, self::OPEN), Weather::standard());
    }

    /**
     * Of the air at its idle speed, what comes in behind the carburetor or past the throttle where none should: kept going
     * by hand where it would not idle by itself.
     */
    public function leakShare(): float
    {
        $idle = $this->stands($this->well->idle, self::OPEN);
        $more = $this->engine->flows($this->well->idleRpm, $idle, Weather::standard())->airKgS;

        return 1.0 - $this->well->engine->flows($this->well->idleRpm, $idle, Weather::standard())->airKgS / $more;
    }

    /** @return array{lowest: float, ends: float} */
    private function inTime(float $rpm, Setting $setting, float $seconds): array
    {
        $transient = new Transient($this->engine, Weather::standard(), $rpm);
        $lowest = $rpm;
        for ($left = $seconds; $left > 0.0 && $lowest > 0.0; $left -= 0.02) {
            $lowest = min($lowest, $transient->run($this->stands($setting, self::OPEN), 0.02, 0.02));
        }

        return ['lowest' => $lowest, 'ends' => $transient->rpm()];
    }

    private function steady(Setting $like, float $choke, float $highTurns, float $lowTurns): Running
    {
        $key = "{$like->throttleDeg} {$choke} {$highTurns} {$lowTurns}";
        $at = new Setting($like->throttleDeg, $like->highTurns + $highTurns, $like->lowTurns + $lowTurns);

        return $this->runs[$key] ??= $this->engine->steady($this->stands($at, $choke), Weather::standard());
    }

    /** What a choke that hangs makes of a setting. */
    private function stands(Setting $setting, float $choke): Setting
    {
        $stands = new Setting($setting->throttleDeg, $setting->highTurns, $setting->lowTurns, $choke);
        foreach ($this->faults as $name => $strength) {
            $stands = EngineFault::from($name)->at($stands, $strength);
        }

        return $stands;
    }
}
