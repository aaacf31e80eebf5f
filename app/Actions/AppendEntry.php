<?php

declare(strict_types=1);

namespace App\Actions;

use App\Knowledge\Diagnoses;
use App\Models\Job;
use App\Models\Letter;
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

    /** @throws \DustyJet\Rejected If the entry means nothing here or the log has moved on. */
    public function __invoke(Job $job, Letter $letter, Draft $draft): Worksheet
    {
        return DB::transaction(
            fn (): Worksheet => $job->log($this->families, $this->diagnoses, $letter, $draft),
        );
    }
}
