<?php

declare(strict_types=1);

namespace App\Actions;

use App\Knowledge\Diagnoses;
use App\Models\Job;
use App\Models\Person;
use DustyJet\Carburetor\Families;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\Worksheet;
use Illuminate\Support\Facades\DB;

/** Adds one entry to a job's log, once. */
final readonly class AppendEntry
{
    public function __construct(private Families $families, private Diagnoses $diagnoses)
    {
    }

    /**
     * @param  int  $seen how long the log was when the person looked
     *
     * @throws \DustyJet\Rejected If the entry means nothing here or the log has moved on.
     */
    public function __invoke(Job $job, Person $by, string $clientId, Draft $draft, int $seen): Worksheet
    {
        return DB::transaction(
            fn (): Worksheet => $job->log($this->families, $this->diagnoses, $by, $clientId, $draft, $seen),
        );
    }
}
