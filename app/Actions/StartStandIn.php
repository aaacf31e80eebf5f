<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Instrument;
use App\Models\Job;
use App\Models\LiveRun;
use App\Models\Person;
use App\Models\RunPurpose;
use App\Models\RunSetup;
use DustyJet\Instrument\GaugeScenario;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/**
 * Puts an instrument of the demo on a job, and starts it as a program of its own that speaks the protocol: a gauge plays a
 * scenario, a tachometer and a vacuum set draw from a virtual engine.
 */
final readonly class StartStandIn
{
    private const SECONDS = 240;

    /** Tuning takes longer than a hold. */
    private const RUN_SECONDS = 900;

    public function __construct(private OpenLiveRun $open)
    {
    }

    /** @throws \DustyJet\Rejected If the carburetor cannot be tested now. */
    public function __invoke(Job $job, Person $by, GaugeScenario $scenario, RunSetup $setup, string $address): LiveRun
    {
        [$run, $key] = DB::transaction(function () use ($job, $by, $setup): array {
            [$instrument, $key] = Instrument::standIn($setup->purpose->measurands()[0]);

            return [($this->open)($job, $by, $instrument, $setup), $key];
        });
        $command = match ($setup->purpose) {
            RunPurpose::Speed => ['tachometer', '--scenario', 'engine'],
            RunPurpose::Columns => ['vacuum-set', '--scenario', 'engine'],
            RunPurpose::Hold, RunPurpose::Pops => ['gauge', '--scenario', $scenario->value],
        };
        $seconds = $setup->purpose->isAtRun() ? self::RUN_SECONDS : self::SECONDS;
        $process = new Process(
            [
                PHP_BINARY, 'bin/instrument', ...$command, '--url', $address,
                '--seconds', (string) $seconds, '--seed', (string) random_int(1, 1 << 30),
            ],
            base_path(),
            ['DUSTY_JET_KEY' => $key],
        );
        // It outlives this request.
        $process->setOptions(['create_new_console' => true]);
        $process->disableOutput();
        $process->start();

        return $run;
    }
}
