<?php

declare(strict_types=1);

namespace App\Actions;

use App\Knowledge\Diagnoses;
use App\Models\Job;
use App\Models\Letter;
use App\Models\Photo;
use App\Photos\Photograph;
use DustyJet\Carburetor\Families;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Worksheet;
use Illuminate\Support\Facades\DB;

/** Keeps a photo and logs it, once. */
final readonly class RecordPhoto
{
    public function __construct(private Families $families, private Diagnoses $diagnoses)
    {
    }

    /**
     * @param  string  $photoId derived from the client id, so that a resent request names the same photo
     *
     * @throws \DustyJet\Rejected If the job takes no more entries.
     */
    public function __invoke(
        Job $job,
        Letter $letter,
        string $photoId,
        Photograph $picture,
        string $station,
        ?string $caption,
    ): Worksheet {
        $draft = new Draft(
            EntryKind::PhotoTaken,
            ['photo' => $photoId, 'station' => $station] + ($caption === null ? [] : ['caption' => $caption]),
        );

        return DB::transaction(function () use ($job, $letter, $photoId, $picture, $draft): Worksheet {
            $sheet = $job->log($this->families, $this->diagnoses, $letter, $draft);
            Photo::keep($photoId, $job->id, $picture);

            return $sheet;
        });
    }
}
