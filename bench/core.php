<?php

declare(strict_types=1);

// Speed and memory of the core: a long and a short hold test, and the replay of a long log.

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Log;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\HoldTest\TraceCsv;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Volume;
use DustyJet\Worksheet\BenchTest\Outcome;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Worksheet;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';

$seed = (int) ($argv[1] ?? 1);
$rig = new Rig(Volume::ofMillilitres(18.0));
$limits = Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6));

/** @return array{0: float, 1: float} median and worst of the milliseconds a call takes */
$timed = static function (callable $call, int $rounds): array {
    $milliseconds = [];
    for ($i = 0; $i < $rounds; $i++) {
        $start = hrtime(true);
        $call();
        $milliseconds[] = (hrtime(true) - $start) / 1e6;
    }
    sort($milliseconds);

    return [$milliseconds[intdiv($rounds, 2)], $milliseconds[$rounds - 1]];
};

/** @param  list<float>  $seconds */
$csv = static function (ScriptedLeak $leak, array $seconds) use ($seed): string {
    $lines = array_map(
        static fn (array $r): string => sprintf('%.1f,%.3f', $r[0], $r[1]),
        $leak->readings(array_map(static fn (mixed $s): float => is_float($s) ? $s : 0.0, array_values($seconds)), new Randomizer(new Mt19937($seed))),
    );

    return "t_s,psi\n".implode("\n", $lines);
};

echo "seed {$seed}\n";
foreach (
    [[36000, 0.1, 0.02], [36000, 0.1, 0.1], [120, 1.0, 0.02], [120, 1.0, 0.1], [120, 1.0, 0.5]] as [$samples, $every, $step]
) {
    $leak = new ScriptedLeak(
        $rig,
        LeakShape::Orifice,
        Flow::ofMillilitresPerMinute(0.4),
        settlingPsi: 0.3,
        noisePsi: 0.015,
        stepPsi: $step,
    );
    $text = $csv($leak, array_map(static fn (int $i): float => $i * $every, range(0, $samples - 1)));
    [$median, $worst] = $timed(
        static fn () => HoldTest::judge(TraceCsv::parse($text, $step), $rig, $limits),
        $samples > 1000 ? 5 : 15,
    );
    $file = (string) tempnam(sys_get_temp_dir(), 'hold');
    file_put_contents($file, $text);
    $scipy = (float) shell_exec('/usr/bin/python3 '.escapeshellarg(__DIR__.'/scipy_hold.py').' '.escapeshellarg($file).' 2>/dev/null');
    unlink($file);
    printf(
        'hold test, %6d samples, step %.2f psi, CSV included: median %6.1f ms, worst %6.1f ms, peak memory %.1f MB; '
            ."SciPy's one fit, without the CSV: %s\n",
        $samples,
        $step,
        $median,
        $worst,
        memory_get_peak_usage() / 1e6,
        $scipy > 0.0 ? sprintf('%.1f ms, so %.1f times', $scipy, $median / $scipy) : 'not installed',
    );
}

$family = FamilyFiles::shipped()->of('float_pilot_jet');
$result = HoldTest::judge(
    $leak->trace(array_map(floatval(...), range(0, 60, 2)), new Randomizer(new Mt19937($seed))),
    $rig,
    $limits,
);
$uuid = static fn (int $n): string => sprintf('00000000-0000-4000-8000-%012d', $n);
$entries = [
    Entry::of(
        $uuid(1),
        1,
        EntryKind::IntakeTaken,
        [
            'machine' => 'Tilby 46',
            'engine' => '160 cc',
            'complaint' => 'floods',
            'variant' => 'removable_pilot',
            'idle_sense' => 'fuel',
        ],
        new DateTimeImmutable('2026-01-01'),
        'June Halloran',
    ),
];
$parts = $family->plan('removable_pilot')->stripOrder();
for ($i = 2; $i <= 500; $i++) {
    [$kind, $payload] = match ($i % 5) {
        0 => [
            EntryKind::HoldTested,
            [
                'trace' => $uuid($i + 1000),
                'method' => 'pressure',
                'volume_ml' => 18.0,
                'limit_ml_min' => 0.6,
                'wetted' => false,
                'result' => Outcome::stored($result, 30.0, 60.0),
                'fit' => $result->fitted->toArray(),
            ],
        ],
        1 => [EntryKind::PartOff, ['part' => $parts[intdiv($i, 5) % count($parts)]->key, 'count' => 1]],
        2 => [EntryKind::ScrewSet, ['adjuster' => 'idle_mixture', 'units' => 60 + ($i % 40), 'station' => 'run']],
        3 => [
            EntryKind::SpeedRead,
            ['adjuster' => 'idle_mixture', 'units' => 60 + ($i % 40), 'rpm' => 1700.0 + ($i % 60)],
        ],
        default => [EntryKind::NoteAdded, ['text' => "note {$i}"]],
    };
    $entries[] = Entry::of($uuid($i), $i, $kind, $payload, new DateTimeImmutable('2026-01-01'), 'June Halloran');
}
[$median, $worst] = $timed(static fn () => Worksheet::replay($family, Log::of($entries)), 40);
printf("replay of a %d-entry job: median %.2f ms, worst %.2f ms\n", count($entries), $median, $worst);
