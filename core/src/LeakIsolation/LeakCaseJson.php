<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** Reads a case of leaks: `joints` with their chances, `tests`, `bubbles` seen, and `feasible` tests. */
final readonly class LeakCaseJson
{
    private const MOST_JOINTS = 24;

    private const MOST_TESTS = 200;

    private const MOST_KILOPASCALS = 1000.0;

    private const MOST_FLOW = 1e6;

    private const FIELDS = ['joints', 'tests', 'bubbles', 'feasible'];

    /** @param  array<string, float>  $joints */
    private function __construct(private array $joints)
    {
    }

    /** @throws UnusableLeakCase With the field that is wrong. */
    public static function parse(string $json): LeakCase
    {
        $given = json_decode($json, true, 16);
        (is_array($given) && is_array($given['joints'] ?? null)) || throw UnusableLeakCase::unreadable();
        foreach (array_keys($given) as $field) {
            in_array($field, self::FIELDS, true) || throw UnusableLeakCase::field((string) $field, 'left out: no such field');
        }
        $joints = [];
        foreach ($given['joints'] as $joint => $chance) {
            $joints[(string) $joint] = self::between("joints.{$joint}", $chance, 1e-6, 1.0 - 1e-6);
        }
        ($joints !== [] && count($joints) <= self::MOST_JOINTS)
            || throw UnusableLeakCase::field('joints', 'from 1 to '.self::MOST_JOINTS.' names with their chances');

        return (new self($joints))->read($given);
    }

    /** @param  array<array-key, mixed>  $given */
    private function read(array $given): LeakCase
    {
        $pressure = $soap = [];
        foreach (self::items($given['tests'] ?? [], 'tests') as $i => $test) {
            if ($this->isSoap($test, "tests.{$i}")) {
                $soap[] = $this->soap($test, "tests.{$i}");
            } else {
                $pressure[] = $this->pressure($test, "tests.{$i}");
            }
        }
        $bubbles = $this->names($given['bubbles'] ?? [], 'bubbles');
        $feasible = [];
        foreach (self::items($given['feasible'] ?? [], 'feasible') as $i => $test) {
            $feasible[] = new FeasibleTest(
                self::name($test, "feasible.{$i}"),
                $this->isSoap($test, "feasible.{$i}"),
                $this->names($test['joints'] ?? null, "feasible.{$i}.joints"),
                self::between("feasible.{$i}.minutes", $test['minutes'] ?? null, 1e-3, 1e5),
            );
        }

        return new LeakCase(
            $this->joints,
            $pressure,
            $bubbles === [] ? $soap : [...$soap, new SoapTest('bubbles', $bubbles, $bubbles)],
            $feasible,
        );
    }

    /** @param  array<array-key, mixed>  $test */
    private function pressure(array $test, string $at): PressureTest
    {
        $outcome = is_string($test['outcome'] ?? null) ? Outcome::tryFrom($test['outcome']) : null;
        $sigma = $test['sigma_ml_min'] ?? null;
        $flow = $test['flow_ml_min'] ?? null;

        return new PressureTest(
            self::name($test, $at),
            $this->names($test['joints'] ?? null, "{$at}.joints"),
            self::between("{$at}.pressure_kpa", $test['pressure_kpa'] ?? null, 0.01, self::MOST_KILOPASCALS),
            $outcome ?? throw UnusableLeakCase::field("{$at}.outcome", 'leaks, holds or keep_watching'),
            $flow === null ? null : self::between("{$at}.flow_ml_min", $flow, -self::MOST_FLOW, self::MOST_FLOW),
            $sigma === null ? null : self::between("{$at}.sigma_ml_min", $sigma, 1e-6, self::MOST_FLOW),
        );
    }

    /** @param  array<array-key, mixed>  $test */
    private function soap(array $test, string $at): SoapTest
    {
        $sprayed = $this->names($test['joints'] ?? null, "{$at}.joints");
        $bubbled = $this->names($test['bubbles'] ?? [], "{$at}.bubbles");
        array_diff($bubbled, $sprayed) === [] || throw UnusableLeakCase::field("{$at}.bubbles", 'among the joints it names');

        return new SoapTest(self::name($test, $at), $sprayed, $bubbled);
    }

    /** @param  array<array-key, mixed>  $test */
    private function isSoap(array $test, string $at): bool
    {
        return match ($test['kind'] ?? null) {
            'soap' => true,
            'pressure' => false,
            default => throw UnusableLeakCase::field("{$at}.kind", 'pressure or soap'),
        };
    }

    /** @return list<array<array-key, mixed>> */
    private static function items(mixed $value, string $at): array
    {
        (is_array($value) && array_is_list($value) && count($value) <= self::MOST_TESTS)
            || throw UnusableLeakCase::field($at, 'a list of at most '.self::MOST_TESTS);
        $items = [];
        foreach ($value as $i => $item) {
            $items[] = is_array($item) ? $item : throw UnusableLeakCase::field("{$at}.{$i}", 'an object');
        }

        return $items;
    }

    /** @param  array<array-key, mixed>  $test */
    private static function name(array $test, string $at): string
    {
        $name = $test['name'] ?? null;

        return is_string($name) && $name !== '' ? $name : throw UnusableLeakCase::field("{$at}.name", 'the name of the test');
    }

    /** @return list<string> */
    private function names(mixed $value, string $at): array
    {
        is_array($value) || throw UnusableLeakCase::field($at, 'a list of joints');
        $names = [];
        foreach ($value as $name) {
            $isKnown = (is_string($name) || is_int($name)) && isset($this->joints[$name]);
            $names[] = $isKnown ? (string) $name : throw UnusableLeakCase::field($at, 'a list of joints that "joints" names');
        }

        return array_values(array_unique($names));
    }

    private static function between(string $at, mixed $value, float $least, float $most): float
    {
        $isIn = (is_int($value) || is_float($value)) && $value >= $least && $value <= $most;

        return $isIn ? (float) $value : throw UnusableLeakCase::field($at, "a number from {$least} to {$most}");
    }
}
