<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Photo;
use App\Models\Trace;

/** Writes a job as a versioned JSON file; importing it elsewhere and writing it again gives the same bytes. */
final readonly class ExportJob
{
    public const FORMAT = 'dusty-jet-job';

    public const VERSION = 1;

    private const TIME = 'Y-m-d\TH:i:s.uP';

    public function __invoke(Job $job): string
    {
        $file = [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'job' => ['id' => $job->id, 'number' => $job->number, 'family' => $job->family, 'opened_at' => $job->opened_at->utc()->format(self::TIME)],
            'entries' => $job->entries()->get()->map(fn (Entry $e): array => [
                'id' => $e->id,
                'seq' => $e->seq,
                'kind' => $e->kind->value,
                'version' => $e->version,
                'payload' => $this->sorted($e->payload),
                'at' => $e->recorded_at->utc()->format(self::TIME),
                'by' => $e->by_name,
                'supersedes' => $e->supersedes,
            ])->all(),
            'traces' => $job->traces()->get()->map(static fn (Trace $t): array => [
                'id' => $t->id,
                'unit' => $t->unit->value,
                'vacuum' => $t->is_vacuum,
                'step' => $t->step,
                'seconds' => $t->seconds,
                'readings' => $t->readings,
            ])->all(),
        ];

        // Only where there are any: a file without photos reads as it always did.
        $photos = $job->photos()->get(['id'])->map(static fn (Photo $p): array => ['id' => $p->id, 'jpeg' => base64_encode($p->jpeg())])->all();
        if ($photos !== []) {
            $file['photos'] = $photos;
        }

        return json_encode($file, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /**
     * The database keeps no order of keys, so they are put in one; an empty payload stays an object.
     *
     * @param  array<array-key, mixed>  $payload
     */
    private function sorted(array $payload): object
    {
        ksort($payload);
        $sorted = new \stdClass;
        foreach ($payload as $key => $value) {
            $sorted->{$key} = is_array($value) && ! array_is_list($value) ? $this->sorted($value) : $value;
        }

        return $sorted;
    }
}
