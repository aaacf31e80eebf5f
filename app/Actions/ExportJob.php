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

    private const JSON = JSON_THROW_ON_ERROR
        | JSON_PRETTY_PRINT
        | JSON_PRESERVE_ZERO_FRACTION
        | JSON_UNESCAPED_UNICODE
        | JSON_UNESCAPED_SLASHES;

    public function __invoke(Job $job): string
    {
        $file = [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'job' => [
                'id' => $job->id,
                'number' => $job->number,
                'family' => $job->family,
                'opened_at' => $job->opened_at->utc()->format(self::TIME),
            ],
            'entries' => $job->entries()->get()->map($this->entry(...))->all(),
            'traces' => $job->traces()->get()->map(self::trace(...))->all(),
        ];
        // Only where there are any: a file without photos reads as it always did.
        $photos = $job->photos()->get(['id'])->map(self::photo(...))->all();

        return json_encode($photos === [] ? $file : [...$file, 'photos' => $photos], self::JSON)."\n";
    }

    /** @return array<string, mixed> */
    private function entry(Entry $entry): array
    {
        return [
            'id' => $entry->id,
            'seq' => $entry->seq,
            'kind' => $entry->kind->value,
            'version' => $entry->version,
            'payload' => $this->sorted($entry->payload),
            'at' => $entry->recorded_at->utc()->format(self::TIME),
            'by' => $entry->by_name,
            'supersedes' => $entry->supersedes,
        ];
    }

    /** @return array<string, mixed> */
    private static function trace(Trace $trace): array
    {
        return [
            'id' => $trace->id,
            'unit' => $trace->unit->value,
            'vacuum' => $trace->is_vacuum,
            'step' => $trace->step,
            'seconds' => $trace->seconds,
            'readings' => $trace->readings,
        ];
    }

    /** @return array<string, string> */
    private static function photo(Photo $photo): array
    {
        return ['id' => $photo->id, 'jpeg' => base64_encode($photo->jpeg())];
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
