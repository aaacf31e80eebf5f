<?php

declare(strict_types=1);

namespace Bench;

use DustyJet\LeakIsolation\FeasibleTest;
use DustyJet\LeakIsolation\Outcome;
use DustyJet\LeakIsolation\PressureTest;
use DustyJet\LeakIsolation\SoapTest;
use Random\Randomizer;

/** A diaphragm carburetor under the tester whose leaks are known, and the tests a bench really has. */
final class LeakingBench
{
    /** Chances of leaking by wear. Invented. */
    public const JOINTS = [
        'hose' => 0.06,
        'barb' => 0.10,
        'barb_body' => 0.06,
        'pump_cover' => 0.05,
        'pump_gasket' => 0.09,
        'pump_diaphragm' => 0.10,
        'screen_plug' => 0.03,
        'needle' => 0.28,
        'seat_body' => 0.05,
    ];

    private const KILOPASCALS = 34.47;

    private const LIMIT = 0.6;

    /** @param  array<string, float>  $leaking ml/min by joint */
    private function __construct(public readonly array $leaking, private readonly Randomizer $chance)
    {
    }

    /** So many leaks, drawn by wear, each between 0.8 and 12 ml/min on a logarithmic scale. */
    public static function drawn(int $leaks, Randomizer $chance): self
    {
        $leaking = [];
        while (count($leaking) < $leaks) {
            $u = self::uniform($chance) * array_sum(self::JOINTS);
            foreach (self::JOINTS as $joint => $weight) {
                $u -= $weight;
                if ($u < 0.0) {
                    $leaking[$joint] ??= 0.8 * 15.0 ** self::uniform($chance);
                    break;
                }
            }
        }

        return new self($leaking, $chance);
    }

    /** @return list<FeasibleTest> plug the hose, take off the barb, blank the screen, and so on */
    public static function feasible(): array
    {
        $all = array_keys(self::JOINTS);
        $tests = [
            self::pressure('plug the hose', ['hose'], 1.0),
            self::pressure('barb off, stub tested', array_diff($all, ['hose', 'barb']), 2.5),
            self::pressure('blank the screen', ['hose', 'barb', 'barb_body', 'pump_cover', 'pump_gasket', 'pump_diaphragm'], 3.0),
            self::pressure('beyond the pump', ['screen_plug', 'needle', 'seat_body'], 3.0),
            self::pressure('needle alone', ['needle', 'seat_body'], 3.5),
            self::pressure('needle renewed', array_diff($all, ['needle']), 4.0),
            new FeasibleTest('soap', true, ['hose', 'barb', 'barb_body', 'pump_cover', 'pump_gasket', 'screen_plug'], 2.0),
        ];
        foreach (['pump_cover' => 1.5, 'pump_gasket' => 4.0, 'pump_diaphragm' => 4.0, 'barb' => 2.0] as $joint => $minutes) {
            $tests[] = self::pressure("{$joint} clamped or renewed", array_diff($all, [$joint]), $minutes);
        }

        return $tests;
    }

    /** @param  array<int, string>  $joints */
    private static function pressure(string $name, array $joints, float $minutes): FeasibleTest
    {
        return new FeasibleTest($name, false, array_values($joints), $minutes);
    }

    public function whole(): PressureTest
    {
        return $this->pressed('whole inlet', array_keys(self::JOINTS));
    }

    public function made(FeasibleTest $test): PressureTest|SoapTest
    {
        return $test->isSoap ? $this->soaped($test) : $this->pressed($test->name, $test->joints);
    }

    /** @param  list<string>  $joints */
    private function pressed(string $name, array $joints): PressureTest
    {
        $flow = array_sum(array_intersect_key($this->leaking, array_flip($joints)));
        $sigma = 0.05 + 0.03 * $flow;
        $seen = $flow + $sigma * self::normal($this->chance);
        $outcome = match (true) {
            $seen - 2.0 * $sigma > self::LIMIT => Outcome::Leaks,
            $seen + 2.0 * $sigma < self::LIMIT => Outcome::Holds,
            default => Outcome::KeepWatching,
        };

        return new PressureTest($name, $joints, self::KILOPASCALS, $outcome, max(0.0, $seen), $sigma);
    }

    private function soaped(FeasibleTest $test): SoapTest
    {
        $shows = fn (string $j): bool => self::uniform($this->chance)
            < (isset($this->leaking[$j]) ? SoapTest::SHOWS : SoapTest::INVENTS);

        return new SoapTest($test->name, $test->joints, array_values(array_filter($test->joints, $shows)));
    }

    private static function uniform(Randomizer $chance): float
    {
        return $chance->getInt(0, (1 << 30) - 1) / (1 << 30);
    }

    private static function normal(Randomizer $chance): float
    {
        return sqrt(-2.0 * log(1.0 - self::uniform($chance))) * cos(2.0 * M_PI * self::uniform($chance));
    }
}
