<?php

declare(strict_types=1);

namespace App\Actions;

use App\Knowledge\Diagnoses;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Photo;
use App\Models\Trace;
use App\Photos\Photograph;
use DateTimeImmutable;
use DustyJet\BenchLog\JobFileRejected;
use DustyJet\Carburetor\Families;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Rejected;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\KeepsBeside;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use JsonSchema\Validator;

/**
 * Takes a job file in, whole or not at all.
 *
 * @phpstan-type HeadInFile array{id: string, number: string, family: string, opened_at: string}
 * @phpstan-type TraceInFile array{
 *     id: string, unit: string, vacuum: bool, step: float, seconds: list<float>, readings: list<float>
 * }
 * @phpstan-type PhotoInFile array{id: string, jpeg: string}
 * @phpstan-type EntryInFile array{
 *     id: string, seq: int, kind: string, version: int, payload: array<string, mixed>,
 *     at: string, by: string, supersedes: string|null
 * }
 * @phpstan-type JobFile array{
 *     job: HeadInFile, traces: list<TraceInFile>, photos?: list<PhotoInFile>, entries: list<EntryInFile>
 * }
 */
final readonly class ImportJob
{
    public const MOST_BYTES = 19_000_000;

    private const DEEPEST = 32;

    /** A job of a long winter has some hundreds. */
    private const MOST_ENTRIES = 20_000;

    private const OF_AN_ENTRY = ['id', 'seq', 'kind', 'version', 'payload', 'at', 'by', 'supersedes'];

    private const MOMENT = 'Y-m-d\TH:i:s.uP';

    private const SCHEMA = 'docs/formats/job-1.schema.json';

    public function __construct(private Families $families, private Diagnoses $diagnoses)
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
        $decoded = json_decode($json, false, self::DEEPEST);
        $isJson = $json !== '' && json_last_error() === JSON_ERROR_NONE;
        is_object($decoded) || throw ($isJson ? JobFileRejected::notAJob() : JobFileRejected::notJson());
        ($decoded->format ?? null) === ExportJob::FORMAT || throw JobFileRejected::notAJob();
        $version = $decoded->version ?? null;
        $isNewer = is_int($version) && $version > ExportJob::VERSION;
        ! $isNewer || throw JobFileRejected::newer($version, ExportJob::VERSION);
        $this->refuseAtAGlance($decoded);
        $this->refuseOtherShapes($decoded);
        $file = json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        is_array($file) || throw JobFileRejected::notAJob();
        $this->refuseNul($file);

        /** @var array<string, mixed> $file its keys are those of a JSON object */
        return $file;
    }

    /**
     * What is seen without reading it: a schema takes its time, and names every fault of every entry.
     *
     * @throws JobFileRejected
     */
    private function refuseAtAGlance(object $decoded): void
    {
        $entries = is_array($decoded->entries ?? null) ? $decoded->entries : [];
        $most = self::MOST_ENTRIES;
        count($entries) <= $most || throw JobFileRejected::schema('entries', "at most {$most} can be taken");
        foreach ($entries as $i => $entry) {
            $has = is_object($entry) ? array_keys(get_object_vars($entry)) : [];
            $lacks = implode(', ', array_diff(self::OF_AN_ENTRY, $has));
            $lacks === '' || throw JobFileRejected::schema("entries[{$i}]", "it has no {$lacks}");
        }
    }

    /**
     * A moment there was: no hour 25, no day that is only written.
     *
     * @throws JobFileRejected
     */
    private static function refuseUnlessMoment(string $where, string $text): void
    {
        $moment = DateTimeImmutable::createFromFormat(self::MOMENT, $text);
        $isOne = $moment !== false && $moment->format(self::MOMENT) === $text && $moment->format('Y') >= '2000';
        $isOne || throw JobFileRejected::schema($where, "there was no {$text}");
    }

    /** @throws JobFileRejected */
    private function refuseOtherShapes(object $decoded): void
    {
        $schema = json_decode((string) file_get_contents(base_path(self::SCHEMA)), false, 64, JSON_THROW_ON_ERROR);
        $validator = new Validator;
        $validator->validate($decoded, $schema);
        /** @var array{property: string, message: string} $error */
        foreach ($validator->getErrors() as $error) {
            $where = $error['property'] === '' ? 'the top of the file' : $error['property'];
            throw JobFileRejected::schema($where, $error['message']);
        }
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
            $hasNul = str_contains((string) $name, "\0") || (is_string($value) && str_contains($value, "\0"));
            ! $hasNul || throw JobFileRejected::broken('A text in it holds a NUL character.');
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
        /** @var JobFile $file the schema has been checked */
        $head = $file['job'];
        $this->families->of($head['family']);
        self::refuseUnlessMoment('job.opened_at', $head['opened_at']);
        preg_match('/\p{C}/u', $head['number']) === 0
            || throw JobFileRejected::schema('job.number', 'a number is one line of what can be printed');
        ! Job::query()->whereKey($head['id'])->exists() || throw JobFileRejected::alreadyHere($head['number']);
        $empty = ['machine' => '', 'complaint' => '', 'station' => 'intake', 'line' => []];
        $number = Job::freeNumber($head['number']);
        $job = Job::query()->create([...$head, 'number' => $number, ...$empty]);
        $job->numberInFile = $number === $head['number'] ? null : $head['number'];
        foreach ($file['traces'] as $trace) {
            $this->storeTrace($job, $trace);
        }
        foreach ($file['photos'] ?? [] as $photo) {
            $jpeg = (string) base64_decode($photo['jpeg'], true);
            Photo::keep($photo['id'], $job->id, Photograph::kept($jpeg));
        }
        $kept = [...array_column($file['traces'], 'id'), ...array_column($file['photos'] ?? [], 'id')];
        $named = [];
        foreach ($file['entries'] as $i => $entry) {
            $why = 'entries must be numbered 1, 2, 3 without a gap';
            $entry['seq'] === $i + 1 || throw JobFileRejected::schema("entries[{$i}].seq", $why);
            $named[] = $this->storeEntry($job, $entry, $kept);
        }
        array_diff($kept, $named) === [] || throw JobFileRejected::broken('A trace or a photo in it belongs to no entry.');
        $job->reflect($job->worksheet($this->families), $this->diagnoses);

        return $job;
    }

    /** @param  TraceInFile  $trace */
    private function storeTrace(Job $job, array $trace): void
    {
        $isPaired = count($trace['seconds']) === count($trace['readings']);
        $isPaired || throw JobFileRejected::broken("Trace {$trace['id']} has not as many readings as times.");
        $pair = static fn (float|int $s, float|int $r): array => [(float) $s, (float) $r];
        $readings = array_map($pair, $trace['seconds'], $trace['readings']);
        PressureTrace::of($readings, PressureUnit::from($trace['unit']), $trace['vacuum'], (float) $trace['step']);
        Trace::query()->create([
            'id' => $trace['id'],
            'job_id' => $job->id,
            'unit' => $trace['unit'],
            'is_vacuum' => $trace['vacuum'],
            'step' => $trace['step'],
            'seconds' => $trace['seconds'],
            'readings' => $trace['readings'],
        ]);
    }

    /**
     * @param  EntryInFile  $entry
     * @param  list<string>  $kept ids of the traces and photos in the file
     *
     * @return string the id of the one this entry names; empty for none
     */
    private function storeEntry(Job $job, array $entry, array $kept): string
    {
        $kind = EntryKind::from($entry['kind']);
        self::refuseUnlessMoment('entries['.($entry['seq'] - 1).'].at', $entry['at']);
        try {
            $act = (new Draft($kind, $entry['payload']))->act();
        } catch (Rejected $rejected) {
            throw JobFileRejected::schema('entries['.($entry['seq'] - 1).'].payload', $rejected->getMessage());
        }
        $named = $act instanceof KeepsBeside ? $act->keptId() : '';
        if ($act instanceof KeepsBeside && ! in_array($named, $kept, true)) {
            throw JobFileRejected::broken("Entry {$entry['seq']} names a {$act->kept()} that is not in the file.");
        }
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

        return $named;
    }
}
