<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\AppendEntry;
use App\Actions\OpenJob;
use App\Actions\RecordHoldTest;
use App\Models\Job;
use App\Models\Person;
use DustyJet\BenchLog\EntryKind;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Turns;
use DustyJet\Quantity\Volume;
use DustyJet\Worksheet\Draft;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A handful of float-bowl jobs at different stations. Traces come from scripted leaks with a fixed seed. */
final class DemoBenchSeeder extends Seeder
{
    private const SEED = 20260412;

    private Randomizer $chance;

    private int $made = 0;

    private Job $job;

    private Person $by;

    public function __construct(private readonly OpenJob $open, private readonly AppendEntry $append, private readonly RecordHoldTest $hold, private readonly Family $family)
    {
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

    private function handedBack(): void
    {
        $this->arrive('Harrowgate tiller 18', '208 cc four-stroke', 'hard to start, surges', -26, 'June Halloran', -24, fuelAge: 200, says: ['hard_to_start' => 'some', 'surges' => 'some']);
        $this->count(['idle_mixture' => '3 1/4', 'idle_speed' => '1 1/4']);
        $this->steps(Station::Strip);
        $this->watch(0.05);
        $this->steps(Station::Clean);
        $this->steps(Station::Build);
        $this->watch(0.03);
        $this->set(['idle_mixture' => '1 1/2', 'idle_speed' => '1']);
        $this->mixtureRun('idle_mixture', ['1 1/4' => 1690, '1 1/2' => 1770, '1 3/4' => 1800, '2' => 1760, '2 1/4' => 1650]);
        $this->leave(['idle_mixture' => '1 3/4', 'idle_speed' => '1 1/8']);
        foreach (array_keys($this->family->checks) as $check) {
            $this->log(EntryKind::CheckDone, ['check' => $check, 'passed' => true, ...($check === 'idle' ? ['rpm' => 1780.0] : [])]);
        }
        $this->log(EntryKind::HandedBack, ['advice' => 'Fuel tap off and run it dry before storage. Fresh fuel each season.']);
    }

    private function onTheBench(): void
    {
        $this->arrive('Tilby 46 walk-behind mower', '160 cc four-stroke', 'floods, black smoke', -2, 'R. Okafor', 4, variant: 'adjustable_main', fuelAge: 40, says: ['floods' => 'yes', 'black_smoke' => 'some']);
        $this->count(['main' => '1 7/8', 'idle_mixture' => '1 3/4', 'idle_speed' => '1 1/2']);
        $this->steps(Station::Strip);
        $this->watch(3.3, stepPsi: 0.05);
        $this->log(EntryKind::NoteAdded, ['text' => 'Soap on the hose: no bubbles.', 'station' => 'bench-test']);
        $this->watch(3.1, stepPsi: 0.02, settlingPsi: 0.35);

        $this->arrive('Osier 3 kW generator', '196 cc four-stroke', 'surges, hunts under load', -50, 'Teo Vanska', 27, stored: 220, fuelAge: 230, says: ['surges' => 'strong']);
        $this->count(['idle_mixture' => '4', 'idle_speed' => '3/4']);
        $this->steps(Station::Strip);
        $this->watch(0.04);
        $this->steps(Station::Clean);
        $this->steps(Station::Build);
        $this->set(['idle_mixture' => '1 1/2', 'idle_speed' => '1']);
        $this->watch(0.05);
        $this->mixtureRun('idle_mixture', ['1' => 1580, '1 1/4' => 1720, '1 1/2' => 1790, '1 3/4' => 1800]);

        $this->arrive('Harrowgate 27 pressure washer', '190 cc four-stroke', 'runs only on choke', -30, 'June Halloran', 51, sense: 'air', stored: 300, fuelAge: 310, says: ['runs_only_on_choke' => 'yes']);
        $this->count(['idle_mixture' => '2 1/4', 'idle_speed' => '1']);
        $this->steps(Station::Strip);
        $this->watch(0.05);
        $this->steps(Station::Clean, 6);

        $this->arrive('Tilby 53 self-propelled mower', '173 cc four-stroke', 'stumbles on opening', -28, 'Teo Vanska', 30, says: ['stumbles_on_opening' => 'yes']);
        $this->count(['idle_mixture' => '1 1/4', 'idle_speed' => '1 1/4']);
        $this->steps(Station::Strip);
        $this->watch(0.5, stepPsi: 0.5, seconds: 60);
        $this->steps(Station::Clean);
        $this->steps(Station::Build, 5);
    }

    private function newlyIn(): void
    {
        $this->arrive('Marlin & Pike water pump', '160 cc four-stroke', 'fuel drips', -1, 'Addie Quill', 76, says: ['fuel_dripping' => 'yes']);
        $this->count(['idle_speed' => '1 1/4']);
        $this->arrive('Korvo chipper', '270 cc four-stroke', 'will not idle, surges', 0, 'R. Okafor', 99, stored: 190, fuelAge: 200, says: ['will_not_idle' => 'yes', 'surges' => 'some']);
        $this->log(EntryKind::CheckAnswered, ['check' => 'fuel_sample', 'answers' => ['fuel_smells_stale' => 'no', 'water_in_sample' => 'no']]);
        $this->log(EntryKind::CheckAnswered, ['check' => 'spark_test', 'answers' => ['spark_poor' => 'no']]);
    }

    /** @param  array<string, string>  $says answers to complaints */
    private function arrive(string $machine, string $engine, string $complaint, int $hoursAgo, string $by, int $promisedInHours, string $variant = 'fixed_main', string $sense = 'fuel', ?int $stored = null, ?int $fuelAge = null, array $says = []): void
    {
        Date::setTestNow();
        $promised = Date::now()->addHours($promisedInHours)->setMinute(0)->setSecond(0);
        Date::setTestNow(Date::now()->addHours($hoursAgo)->subMinutes(90));
        $this->by = Person::query()->where('name', $by)->firstOrFail();
        $this->job = ($this->open)($this->by, $this->id(), array_filter([
            'machine' => $machine,
            'engine' => $engine,
            'complaint' => $complaint,
            'variant' => $variant,
            'idle_sense' => $sense,
            'stored_days' => $stored,
            'fuel_age_days' => $fuelAge,
            'promised_at' => $promised->utc()->format(DATE_ATOM),
        ], static fn (mixed $v): bool => $v !== null), $says);
    }

    /** @param  array<string, string>  $turns */
    private function count(array $turns): void
    {
        foreach ($turns as $adjuster => $text) {
            $this->log(EntryKind::ScrewCounted, ['adjuster' => $adjuster, 'units' => Turns::parse($text)->inUnits()]);
        }
    }

    private function steps(Station $station, ?int $only = null): void
    {
        foreach (array_slice(array_keys($this->family->stepsAt($station)), 0, $only) as $step) {
            $this->log(EntryKind::StepDone, ['station' => $station->value, 'step' => $step]);
        }
    }

    private function watch(float $millilitresPerMinute, float $stepPsi = 0.05, float $settlingPsi = 0.2, int $seconds = 60): void
    {
        $this->pass();
        $rig = new Rig(Volume::ofMillilitres(18.0));
        $leak = new ScriptedLeak($rig, LeakShape::Orifice, Flow::ofMillilitresPerMinute($millilitresPerMinute), startPsi: 5.0, settlingPsi: $settlingPsi, noisePsi: 0.012, stepPsi: $stepPsi);
        $trace = $leak->trace(array_map(floatval(...), range(0, $seconds, 2)), $this->chance);
        $id = $this->id();
        ($this->hold)($this->job, $this->by, $id, Uuid::uuid5($id, 'trace')->toString(), $trace, $rig, Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6)), false, $this->job->refresh()->log_length);
    }

    /** @param  array<string, string>  $turns */
    private function set(array $turns): void
    {
        foreach ($turns as $adjuster => $text) {
            $this->log(EntryKind::ScrewSet, ['adjuster' => $adjuster, 'units' => Turns::parse($text)->inUnits(), 'station' => 'set']);
        }
    }

    /** @param  array<array-key, int>  $readings turns => rpm */
    private function mixtureRun(string $adjuster, array $readings): void
    {
        foreach ($readings as $turns => $rpm) {
            $this->log(EntryKind::SpeedRead, ['adjuster' => $adjuster, 'units' => Turns::parse((string) $turns)->inUnits(), 'rpm' => (float) $rpm]);
        }
    }

    /** @param  array<string, string>  $turns */
    private function leave(array $turns): void
    {
        foreach ($turns as $adjuster => $text) {
            $this->log(EntryKind::ScrewSet, ['adjuster' => $adjuster, 'units' => Turns::parse($text)->inUnits(), 'station' => 'run']);
        }
    }

    /** @param  array<string, mixed>  $payload */
    private function log(EntryKind $kind, array $payload): void
    {
        $this->pass();
        ($this->append)($this->job, $this->by, $this->id(), new Draft($kind, $payload), $this->job->refresh()->log_length);
    }

    private function pass(): void
    {
        Date::setTestNow(Date::now()->addSeconds($this->chance->getInt(50, 160)));
    }

    /** The same ids every time, so that the demo is the same demo. */
    private function id(): string
    {
        return Uuid::uuid5(Uuid::NAMESPACE_URL, 'dusty-jet-demo-'.(++$this->made))->toString();
    }
}
