<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Instrument;
use App\Models\Job;
use App\Models\LiveRun;
use App\Models\Person;
use App\Models\RunSetup;
use DustyJet\Instrument\GaugeScenario;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** Puts a scripted gauge on a job of the demo, and starts it as a program of its own that speaks the protocol. */
final readonly class StartStandIn
{
    private const SECONDS = 240;

    public function __construct(private OpenLiveRun $open)
    {
    }

    /** @throws \DustyJet\Rejected If the carburetor cannot be tested now. */
    public function __invoke(Job $job, Person $by, GaugeScenario $scenario, RunSetup $setup, string $address): LiveRun
    {
        [$run, $key] = DB::transaction(function () use ($job, $by, $setup): array {
            [$instrument, $key] = Instrument::standIn();

            return [($this->open)($job, $by, $instrument, $setup), $key];
        });
        $command = ['bin/instrument', 'gauge', '--scenario', $scenario->value, '--url', $address];
        $process = new Process(
            [PHP_BINARY, ...$command, '--seconds', (string) self::SECONDS, '--seed', (string) random_int(1, 1 << 30)],
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
