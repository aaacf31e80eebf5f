<?php

declare(strict_types=1);

namespace App\Actions;

use App\Knowledge\Diagnoses;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Letter;
use App\Models\Person;
use DustyJet\Carburetor\Families;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Opens a job with its intake as the first entry. The same client id again gives the job it opened. */
final readonly class OpenJob
{
    public function __construct(private Families $families, private Diagnoses $diagnoses)
    {
    }

    /**
     * @param  array<string, mixed>  $intake
     * @param  array<string, string>  $findings answers to complaints
     *
     * @throws \DustyJet\Rejected If the family is not known or the intake means nothing on it.
     */
    public function __invoke(Person $by, string $clientId, string $family, array $intake, array $findings = []): Job
    {
        return DB::transaction(function () use ($by, $clientId, $family, $intake, $findings): Job {
            DB::statement('select pg_advisory_xact_lock(hashtext(?))', [$clientId]);
            $letter = Letter::of($by, $clientId, 0);
            $draft = new Draft(EntryKind::IntakeTaken, $intake);
            $known = Entry::query()->find($clientId)?->job;
            if ($known !== null && Entry::isKnown($letter, $known, $draft)) {
                return $known;
            }
            $job = Job::query()->create([
                'number' => $this->nextNumber(),
                'family' => $this->families->of($family)->id,
                'opened_at' => Date::now(),
                'machine' => '',
                'complaint' => '',
                'station' => 'intake',
                'line' => [],
            ]);
            $job->log($this->families, $this->diagnoses, $letter, $draft);
            foreach ($findings as $finding => $answer) {
                $job->log(
                    $this->families,
                    $this->diagnoses,
                    Letter::of($by, Uuid::uuid5($clientId, $finding)->toString(), 0),
                    new Draft(EntryKind::FindingNoted, ['finding' => $finding, 'answer' => $answer]),
                );
            }

            return $job->refresh();
        });
    }

    /** One that no job has, also none that came by a file. */
    private function nextNumber(): string
    {
        do {
            $n = DB::scalar("select nextval('job_number_seq')");
            \assert(is_numeric($n));
            $number = 'DJ-'.str_pad((string) $n, 4, '0', STR_PAD_LEFT);
        } while (Job::query()->where('number', $number)->exists());

        return $number;
    }
}
