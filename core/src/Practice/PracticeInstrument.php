<?php

declare(strict_types=1);

namespace DustyJet\Practice;

use DustyJet\Carburetor\Families;
use DustyJet\Engine\Setting;
use DustyJet\Engine\Transient;
use DustyJet\Numerics\Chance;
use DustyJet\Quantity\PressureUnit;

/** A tachometer, or the columns of a bank, on a virtual engine: told how that stands, read in time. */
final class PracticeInstrument
{
    /** What a tachometer wavers from reading to reading, and how far an idle wanders. From memory. */
    private const WAVERS_RPM = 12.0;

    private const WANDERS_RPM = 8.0;

    private const WANDER_SECONDS = 3.0;

    private const PULSE_INHG = 0.3;

    private const WAVERS_INHG = 0.12;

    private ?PracticeEngine $engine = null;

    private ?Transient $running = null;

    private ?Setting $setting = null;

    /** @var list<float> inHg */
    private array $vacuum = [];

    private string $known = '';

    private string $turned = '';

    private float $at = 0.0;

    private float $wander = 0.0;

    public function __construct(private readonly Families $families, private readonly Chance $chance)
    {
    }

    /** @param  array<array-key, mixed>  $setting as the server has it: docs/formats/instruments.md */
    public function told(array $setting): void
    {
        $text = static fn (string $name): string => is_string($setting[$name] ?? null) ? $setting[$name] : '';
        $seed = is_int($setting['seed'] ?? null) ? $setting['seed'] : 1;
        $engine = "{$text('family')}/{$text('variant')}/{$seed}";
        if ($engine !== $this->known) {
            $this->engine = PracticeEngine::of($this->families->of($text('family')), $text('variant'), $seed);
            $this->running = null;
            $this->known = $engine;
        }
        $turned = (string) json_encode([$setting['turns'] ?? [], $setting['full_throttle'] ?? false, $setting['balance'] ?? []]);
        if ($turned === $this->turned) {
            return;
        }
        $this->turned = $turned;
        $balance = self::numbers($setting['balance'] ?? []);
        $this->vacuum = count($balance) > 1 ? PracticeBank::of(array_values($balance), $seed)->vacuum() : [];
        $this->setting = $this->engine?->setting(
            self::numbers($setting['turns'] ?? []), ($setting['full_throttle'] ?? false) === true,
        );
        // What had died is started again at the new setting.
        $this->running = $this->running?->rpm() === 0.0 ? null : $this->running;
    }

    /** @param  float  $seconds since it was switched on, not before the last reading */
    public function rpm(float $seconds): float
    {
        $passed = max(0.0, $seconds - $this->at);
        $this->at = $seconds;
        if ($this->engine === null || $this->setting === null) {
            return 0.0;
        }
        $this->running ??= $this->engine->running();
        $rpm = $this->engine->shown($this->running->run($this->setting, $passed));
        $keeps = exp(-$passed / self::WANDER_SECONDS);
        $this->wander = $keeps * $this->wander + sqrt(1.0 - $keeps ** 2) * self::WANDERS_RPM * $this->chance->gaussian();

        return $rpm <= 0.0 ? 0.0 : round($rpm + $this->wander + self::WAVERS_RPM * $this->chance->gaussian());
    }

    /** How many columns it has. */
    public function columns(): int
    {
        return count($this->vacuum);
    }

    /** What a column shows, kPa below the atmosphere; the first is 1. */
    public function vacuum(float $seconds, int $column): float
    {
        $pulse = self::PULSE_INHG * sin(2.0 * M_PI * (5.3 * $seconds + 0.3 * $column));
        $inhg = max(0.0, ($this->vacuum[$column - 1] ?? 0.0) + $pulse + self::WAVERS_INHG * $this->chance->gaussian());

        return $inhg * PressureUnit::InchOfMercury->kilopascals();
    }

    /** @return array<string, float> */
    private static function numbers(mixed $given): array
    {
        $numbers = [];
        foreach (is_array($given) ? $given : [] as $name => $value) {
            $numbers[(string) $name] = is_int($value) || is_float($value) ? (float) $value : 0.0;
        }

        return $numbers;
    }
}
