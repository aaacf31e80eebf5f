<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\AppendEntry;
use App\Actions\OpenJob;
use App\Actions\RecordHoldTest;
use App\Models\Job;
use App\Models\Letter;
use App\Models\Person;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Need;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Turns;
use DustyJet\Quantity\Volume;
use DustyJet\Worksheet\BenchTest\Arrangement;
use DustyJet\Worksheet\BenchTest\Attitude;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Strip\Parts;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Jobs over most families and all stations. Traces come from scripted leaks with a fixed seed. */
final class DemoBenchSeeder extends Seeder
{
    private const SEED = 20260412;

    /** More than any demo had. */
    private const MOST_ENTRIES = 5000;

    /** @var list<string> of all entries it may write */
    private static array $ids = [];

    private Randomizer $chance;

    private int $made = 0;

    private Job $job;

    private Person $by;

    public function __construct(
        private readonly OpenJob $open,
        private readonly AppendEntry $append,
        private readonly RecordHoldTest $hold,
        private readonly Families $families,
    ) {
        $this->chance = new Randomizer(new Mt19937(self::SEED));
    }

    public function run(): void
    {
        $now = Date::now();
        DB::transaction(function () use ($now): void {
            $this->handedBack();
            $this->onTheBench();
            $this->newlyIn();
            Date::setTestNow($now);
        });
        Date::setTestNow();
    }

    /** Three machines of one family, so that the shop has a value of its own; the last was here before. */
    private function handedBack(): void
    {
        foreach (
            [
                ['Harrowgate tiller 16', '1 5/8', -900],
                ['Osier 2 kW generator', '1 7/8', -500],
                ['Harrowgate tiller 18', '1 3/4', -26],
            ] as [$machine, $left, $hours]
        ) {
            $this->arrive(
                $machine,
                '208 cc four-stroke',
                'hard to start, surges',
                $hours,
                'June Halloran',
                $hours + 2,
                fuelAge: 200,
                says: ['hard_to_start' => 'some', 'surges' => 'some'],
                serial: $machine === 'Osier 2 kW generator' ? 'OS-2207' : null,
            );
            $this->count(['idle_mixture' => '3 1/4', 'idle_speed' => '1 1/4']);
            $this->stripToTheTest();
            $this->watch(0.05);
            $this->strip();
            $this->inspect(['pilot_jet' => ['cleaned', 'dark, now clear']]);
            $this->build();
            $this->watch(0.03);
            $this->set(['idle_mixture' => '1 1/2', 'idle_speed' => '1']);
            $this->mixtureRun('idle_mixture', [
                '1 1/4' => 1690,
                '1 1/2' => 1770,
                '1 3/4' => 1800,
                '2' => 1760,
                '2 1/4' => 1650,
            ]);
            $this->leave(['idle_mixture' => $left, 'idle_speed' => '1 1/8']);
            foreach (array_keys($this->family()->proof->checks) as $check) {
                $this->log(EntryKind::CheckDone, [
                    'check' => $check,
                    'passed' => true,
                    ...$check === 'idle' ? ['rpm' => 1780.0] : [],
                ]);
            }
            $this->log(EntryKind::HandedBack, [
                'advice' => 'Fuel tap off and run it dry before storage. Fresh fuel each season.',
            ]);
        }
    }

    private function onTheBench(): void
    {
        $this->arrive(
            'Tilby 46 walk-behind mower',
            '160 cc four-stroke',
            'floods, black smoke',
            -2,
            'R. Okafor',
            4,
            family: 'float_adjustable_main',
            fuelAge: 40,
            says: ['floods' => 'yes', 'black_smoke' => 'some'],
        );
        $this->count(['main' => '1 7/8', 'idle_mixture' => '1 3/4', 'idle_speed' => '1 1/2']);
        $this->stripToTheTest();
        $this->log(EntryKind::StripEnded, []);
        $this->watch(3.3, stepPsi: 0.05);
        $this->log(EntryKind::NoteAdded, ['text' => 'Soap on the hose: no bubbles.', 'station' => 'bench-test']);
        $this->watch(3.1, stepPsi: 0.02, settlingPsi: 0.35);

        $this->arrive(
            'Osier 3 kW generator',
            '196 cc four-stroke',
            'surges, hunts under load',
            -50,
            'Teo Vanska',
            27,
            stored: 220,
            fuelAge: 230,
            says: ['surges' => 'strong'],
        );
        $this->count(['idle_mixture' => '4', 'idle_speed' => '3/4']);
        $this->stripToTheTest();
        $this->watch(0.04);
        $this->strip();
        $this->inspect([
            'pilot_jet' => ['cleaned', 'green crust'],
            'needle_tip' => ['replace', 'ring around the cone'],
        ]);
        $this->build();
        $this->set(['idle_mixture' => '1 1/2', 'idle_speed' => '1']);
        $this->watch(0.05);
        $this->mixtureRun('idle_mixture', ['1' => 1580, '1 1/4' => 1720, '1 1/2' => 1790, '1 3/4' => 1800]);

        $this->arrive(
            'Korvo 52 chainsaw',
            '51 cc two-stroke',
            'bogs on pick-up, stalls hot',
            -5,
            'R. Okafor',
            20,
            family: 'cube_opposed',
            stored: 300,
            fuelAge: 310,
            says: ['stumbles_on_opening' => 'yes'],
        );
        $this->count(['high' => '1 5/8', 'low' => '1 5/8', 'idle_speed' => '1']);
        $this->log(EntryKind::LinkNoted, ['link' => 'label', 'text' => 'L is the longer one, next to the cylinder']);
        $this->stripToTheTest();
        $this->watch(0.05, startPsi: 7.0);
        $this->strip();
        $this->inspect(
            ['metering_diaphragm' => ['replace', 'crinkles between the fingers'], 'screen' => ['cleaned', 'lint']],
            9,
        );
        $this->log(EntryKind::ClockStarted, ['clock' => 'soak', 'minutes' => 30, 'what' => 'body, without rubber']);

        $this->arrive(
            'Harrowgate 20 garden tractor',
            '18 hp four-stroke twin',
            'sputters, will not rev',
            -28,
            'Teo Vanska',
            30,
            family: 'float_side_pump',
            says: ['no_power' => 'strong'],
        );
        $this->count(['idle_mixture' => '1 1/4', 'idle_speed' => '1 1/4']);
        $this->stripToTheTest();
        $this->watch(0.1, stepPsi: 0.1, seconds: 90);
        $this->strip(missing: ['face_spring' => 'not in the pump when it was opened']);
        $this->inspect([
            'pump_springs' => ['replace', 'two of three'],
            'main_jet' => ['cleaned', 'soaked half an hour'],
        ]);
        $this->build(14);
        $this->log(EntryKind::WaitBegan, [
            'for' => 'part',
            'what' => 'springs of the fuel pump',
            'until' => Date::now()->addDays(3)->format('Y-m-d'),
        ]);

        $this->arrive(
            'Marlin & Pike 6 outboard',
            '6 hp two-stroke',
            'rough idle, dies in gear',
            -30,
            'Addie Quill',
            51,
            family: 'small_outboard',
            stored: 240,
            says: ['erratic_idle' => 'yes'],
        );
        $this->count(['idle_mixture' => '7/8', 'idle_speed' => '1']);
        $this->strip(9);
    }

    private function newlyIn(): void
    {
        $this->arrive(
            'Marlin & Pike 60 outboard',
            '60 hp two-stroke, three cylinders',
            'bottom cylinder rough',
            -3,
            'June Halloran',
            76,
            family: 'outboard_bank',
            says: ['erratic_idle' => 'yes'],
        );
        $this->count(['top' => '2', 'middle' => '2 1/2', 'bottom' => '4 1/4']);
        $this->arrive(
            'Tilby classic mower',
            '125 cc four-stroke',
            'starts, then dies',
            -1,
            'Addie Quill',
            80,
            family: 'suction_lift',
            says: ['starts_then_dies' => 'yes'],
        );
        $this->arrive(
            'Korvo 100 kart',
            '100 cc two-stroke',
            'hesitates out of corners',
            -1,
            'R. Okafor',
            90,
            family: 'kart_pumper',
            says: ['stumbles_on_opening' => 'yes'],
        );
        $this->count(['low' => '1', 'high' => '1/2']);
        $this->arrive(
            'Korvo chipper',
            '270 cc four-stroke',
            'will not idle, surges',
            0,
            'R. Okafor',
            99,
            sense: 'air',
            stored: 190,
            fuelAge: 200,
            says: ['will_not_idle' => 'yes', 'surges' => 'some'],
        );
        $this->log(EntryKind::CheckAnswered, [
            'check' => 'fuel_sample',
            'answers' => ['fuel_smells_stale' => 'no', 'water_in_sample' => 'no'],
        ]);
        $this->log(EntryKind::CheckAnswered, ['check' => 'spark_test', 'answers' => ['spark_poor' => 'no']]);
    }

    /** @param  array<string, string>  $says answers to complaints */
    private function arrive(
        string $machine,
        string $engine,
        string $complaint,
        int $hoursAgo,
        string $by,
        int $promisedInHours,
        string $family = 'float_pilot_jet',
        string $sense = 'fuel',
        ?int $stored = null,
        ?int $fuelAge = null,
        array $says = [],
        ?string $serial = null,
    ): void {
        Date::setTestNow();
        $promised = Date::now()->addHours($promisedInHours)->setMinute(0)->setSecond(0);
        Date::setTestNow(Date::now()->addHours($hoursAgo)->subMinutes(90));
        $this->by = Person::query()->where('name', $by)->firstOrFail();
        $this->job = ($this->open)(
            $this->by,
            $this->id(),
            $family,
            array_filter(
                [
                    'machine' => $machine,
                    'engine' => $engine,
                    'complaint' => $complaint,
                    'serial' => $serial,
                    'variant' => array_key_first($this->families->of($family)->variants),
                    'idle_sense' => $sense,
                    'stored_days' => $stored,
                    'fuel_age_days' => $fuelAge,
                    'promised_at' => $promised->utc()->format(DATE_ATOM),
                ],
                static fn (mixed $v): bool => $v !== null,
            ),
            $says,
        );
    }

    /** @param  array<string, string>  $turns */
    private function count(array $turns): void
    {
        foreach ($turns as $adjuster => $text) {
            $this->log(EntryKind::ScrewCounted, ['adjuster' => $adjuster, 'units' => Turns::parse($text)->inUnits()]);
        }
    }

    private function family(): Family
    {
        return $this->families->of($this->job->family);
    }

    /** @param  array<string, string>  $missing what was said of parts that were not there */
    private function strip(?int $only = null, array $missing = []): void
    {
        $plan = $this->family()->plan('');
        $off = $this->job->worksheet($this->families)->of(Parts::class)->build->tray->off();
        foreach (array_slice($plan->stripOrder(), 0, $only) as $part) {
            match (true) {
                $part->isOptional, in_array($part->key, $off, true) => null,
                isset($missing[$part->key]) => $this->log(EntryKind::PartMissing, [
                    'part' => $part->key,
                    'said' => $missing[$part->key],
                ]),
                default => $this->log(EntryKind::PartOff, ['part' => $part->key, 'count' => $part->count]),
            };
        }
    }

    /** As far as it can be taken apart and still be tested as it came in. */
    private function stripToTheTest(): void
    {
        $proof = $this->family()->proof;
        $isWhole = $proof->hold?->needs === Need::Inside;
        foreach ($this->family()->plan('')->stripOrder() as $at => $part) {
            $isLast = $isWhole ? $part->key === 'carburetor' : in_array($part->key, $proof->valve, true);
            if ($isLast) {
                $this->strip($isWhole ? $at + 1 : $at);

                return;
            }
        }
    }

    /** @param  array<string, array{string, string}>  $found verdict and reason of what was not sound */
    private function inspect(array $found, ?int $only = null): void
    {
        foreach (array_slice(array_keys($this->family()->inspectionsOf('')), 0, $only) as $inspection) {
            [$condition, $reason] = $found[$inspection] ?? ['sound', null];
            $this->log(
                EntryKind::PartInspected,
                array_filter(['inspection' => $inspection, 'condition' => $condition, 'reason' => $reason]),
            );
        }
    }

    /** As far as it goes: nothing closes over a part that was never found. */
    private function build(int $most = PHP_INT_MAX): void
    {
        $build = $this->job->worksheet($this->families)->of(Parts::class)->build;
        for ($i = 0; $i < $most && $build->ready() !== []; $i++) {
            $part = $build->ready()[0];
            $this->log(EntryKind::PartOn, ['part' => $part->key, 'count' => $part->count, 'looked' => true]);
            $build = $build->place($part->key, looked: true);
        }
    }

    private function watch(
        float $millilitresPerMinute,
        float $stepPsi = 0.05,
        float $settlingPsi = 0.2,
        int $seconds = 60,
        float $startPsi = 5.0,
    ): void {
        $this->pass();
        $rig = new Rig(Volume::ofMillilitres(18.0));
        $leak = new ScriptedLeak(
            $rig,
            LeakShape::Orifice,
            Flow::ofMillilitresPerMinute($millilitresPerMinute),
            startPsi: $startPsi,
            settlingPsi: $settlingPsi,
            noisePsi: 0.012,
            stepPsi: $stepPsi,
        );
        $trace = $leak->trace(array_map(floatval(...), range(0, $seconds, 2)), $this->chance);
        $id = $this->id();
        ($this->hold)(
            $this->job,
            Letter::of($this->by, $id, $this->job->refresh()->log_length),
            Uuid::uuid5($id, 'trace')->toString(),
            $trace,
            $rig,
            Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6)),
            new Arrangement(wetted: false, attitude: Attitude::Inverted),
        );
    }

    /** @param  array<string, string>  $turns */
    private function set(array $turns): void
    {
        foreach ($turns as $adjuster => $text) {
            $this->log(EntryKind::ScrewSet, [
                'adjuster' => $adjuster,
                'units' => Turns::parse($text)->inUnits(),
                'station' => 'set',
            ]);
        }
    }

    /** @param  array<array-key, int>  $readings turns => rpm */
    private function mixtureRun(string $adjuster, array $readings): void
    {
        foreach ($readings as $turns => $rpm) {
            $this->log(EntryKind::SpeedRead, [
                'adjuster' => $adjuster,
                'units' => Turns::parse((string) $turns)->inUnits(),
                'rpm' => (float) $rpm,
            ]);
        }
    }

    /** @param  array<string, string>  $turns */
    private function leave(array $turns): void
    {
        foreach ($turns as $adjuster => $text) {
            $this->log(EntryKind::ScrewSet, [
                'adjuster' => $adjuster,
                'units' => Turns::parse($text)->inUnits(),
                'station' => 'run',
            ]);
        }
    }

    /** @param  array<string, mixed>  $payload */
    private function log(EntryKind $kind, array $payload): void
    {
        $this->pass();
        $letter = Letter::of($this->by, $this->id(), $this->job->refresh()->log_length);
        ($this->append)($this->job, $letter, new Draft($kind, $payload));
    }

    private function pass(): void
    {
        Date::setTestNow(Date::now()->addSeconds($this->chance->getInt(50, 160)));
    }

    /** The same ids every time, so that the demo is the same demo. */
    private function id(): string
    {
        return self::entryId(++$this->made);
    }

    /** Whether an entry of that id is one of the demo's own. */
    public static function wrote(string $entryId): bool
    {
        self::$ids = self::$ids === [] ? array_map(self::entryId(...), range(1, self::MOST_ENTRIES)) : self::$ids;

        return in_array($entryId, self::$ids, true);
    }

    private static function entryId(int $n): string
    {
        return Uuid::uuid5(Uuid::NAMESPACE_URL, "dusty-jet-demo-{$n}")->toString();
    }
}
