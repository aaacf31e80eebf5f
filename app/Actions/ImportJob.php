<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Photo;
use App\Models\Trace;
use App\Photos\Photograph;
use DustyJet\BenchLog\EntryKind;
use DustyJet\BenchLog\JobFileRejected;
use DustyJet\Carburetor\Families;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Rejected;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use JsonSchema\Validator;

/** Takes a job file in, whole or not at all. */
final readonly class ImportJob
{
    public const MOST_BYTES = 19_000_000;

    private const SCHEMA = 'docs/formats/job-1.schema.json';

    public function __construct(private Families $families, private Catalogue $catalogue)
    {
    }

    /** @throws JobFileRejected If the file is not a job this program can read; the message names the place. */
    public function __invoke(string $json): Job
    {
        $file = $this->read($json);
        try {
            return DB::transaction(fn (): Job => $this->store($file));
        } catch (UniqueConstraintViolationException) {
            throw JobFileRejected::broken('Some of its entries are here already, under another job.');
        } catch (Rejected $rejected) {
            throw $rejected instanceof JobFileRejected ? $rejected : JobFileRejected::broken($rejected->getMessage());
        }
    }

    /**
     * @return array<string, mixed>
     *
     * @throws JobFileRejected
     */
    private function read(string $json): array
    {
        strlen($json) <= self::MOST_BYTES || throw JobFileRejected::tooLarge(intdiv(self::MOST_BYTES, 1_000_000));
        $decoded = json_decode($json, false, 32);
        is_object($decoded) || throw ($json !== '' && json_last_error() === JSON_ERROR_NONE ? JobFileRejected::notAJob() : JobFileRejected::notJson());
        ($decoded->format ?? null) === ExportJob::FORMAT || throw JobFileRejected::notAJob();
        $version = $decoded->version ?? null;
        ! is_int($version) || $version <= ExportJob::VERSION || throw JobFileRejected::newer($version, ExportJob::VERSION);
        $validator = new Validator;
        $validator->validate($decoded, json_decode((string) file_get_contents(base_path(self::SCHEMA)), false, 64, JSON_THROW_ON_ERROR));
        foreach ($validator->getErrors() as $error) {
            throw JobFileRejected::schema($error['property'] === '' ? 'the top of the file' : $error['property'], $error['message']);
        }
        $file = json_decode($json, true, 32, JSON_THROW_ON_ERROR);

        if (! is_array($file)) {
            throw JobFileRejected::notAJob();
        }
        $this->refuseNul($file);

        return $file;
    }

    /**
     * PostgreSQL stores no NUL, in a value or in a name.
     *
     * @param  array<array-key, mixed>  $node
     *
     * @throws JobFileRejected
     */
    private function refuseNul(array $node): void
    {
        foreach ($node as $name => $value) {
            if (str_contains((string) $name, "\0") || (is_string($value) && str_contains($value, "\0"))) {
                throw JobFileRejected::broken('A text in it holds a NUL character.');
            }
            if (is_array($value)) {
                $this->refuseNul($value);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $file checked against the schema
     *
     * @throws Rejected
     */
    private function store(array $file): Job
    {
        /** @var array{id: string, number: string, family: string, opened_at: string} $head */
        $head = $file['job'];
        $this->families->of($head['family']);
        ! Job::query()->whereKey($head['id'])->exists() || throw JobFileRejected::alreadyHere($head['number']);
        $job = Job::query()->create([...$head, 'machine' => '', 'complaint' => '', 'station' => 'intake', 'line' => []]);
        /** @var list<array{id: string, unit: string, vacuum: bool, step: float, seconds: list<float>, readings: list<float>}> $traces */
        $traces = $file['traces'];
        foreach ($traces as $trace) {
            $this->storeTrace($job, $trace);
        }
        /** @var list<array{id: string, jpeg: string}> $photos */
        $photos = $file['photos'] ?? [];
        foreach ($photos as $photo) {
            Photo::keep($photo['id'], $job->id, Photograph::kept((string) base64_decode($photo['jpeg'], true)));
        }
        /** @var list<array{id: string, seq: int, kind: string, version: int, payload: array<string, mixed>, at: string, by: string, supersedes: string|null}> $entries */
        $entries = $file['entries'];
        foreach ($entries as $i => $entry) {
            $entry['seq'] === $i + 1 || throw JobFileRejected::schema("entries[{$i}].seq", 'entries must be numbered 1, 2, 3 without a gap');
            $this->storeEntry($job, $entry, [...array_column($traces, 'id'), ...array_column($photos, 'id')]);
        }
        $job->reflect($job->worksheet($this->families), $this->catalogue);

        return $job;
    }

    /** @param  array{id: string, unit: string, vacuum: bool, step: float, seconds: list<float>, readings: list<float>}  $trace */
    private function storeTrace(Job $job, array $trace): void
    {
        count($trace['seconds']) === count($trace['readings']) || throw JobFileRejected::broken("Trace {$trace['id']} has not as many readings as times.");
        $readings = array_map(static fn (float|int $s, float|int $r): array => [(float) $s, (float) $r], $trace['seconds'], $trace['readings']);
        PressureTrace::of($readings, PressureUnit::from($trace['unit']), $trace['vacuum'], (float) $trace['step']);
        Trace::query()->create(['id' => $trace['id'], 'job_id' => $job->id, 'unit' => $trace['unit'], 'is_vacuum' => $trace['vacuum'], 'step' => $trace['step'], 'seconds' => $trace['seconds'], 'readings' => $trace['readings']]);
    }

    /**
     * @param  array{id: string, seq: int, kind: string, version: int, payload: array<string, mixed>, at: string, by: string, supersedes: string|null}  $entry
     * @param  list<string>  $kept ids of the traces and photos in the file
     */
    private function storeEntry(Job $job, array $entry, array $kept): void
    {
        $kind = EntryKind::from($entry['kind']);
        try {
            $kind->check($entry['payload']);
        } catch (Rejected $rejected) {
            throw JobFileRejected::schema('entries['.($entry['seq'] - 1).'].payload', $rejected->getMessage());
        }
        $kind !== EntryKind::HoldTested || in_array($entry['payload']['trace'], $kept, true) || throw JobFileRejected::broken("Entry {$entry['seq']} names a trace that is not in the file.");
        $kind !== EntryKind::PhotoTaken || in_array($entry['payload']['photo'], $kept, true) || throw JobFileRejected::broken("Entry {$entry['seq']} names a photo that is not in the file.");
        Entry::query()->create([
            'id' => $entry['id'],
            'job_id' => $job->id,
            'seq' => $entry['seq'],
            'kind' => $kind,
            'version' => $entry['version'],
            'payload' => $entry['payload'],
            'recorded_at' => $entry['at'],
            'by_name' => $entry['by'],
            'supersedes' => $entry['supersedes'],
        ]);
    }
}
