<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry as CoreEntry;
use DustyJet\BenchLog\Log;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * One line of a bench log. The database refuses to change or delete it.
 *
 * @property string $id made by the client
 * @property string $job_id
 * @property int $seq
 * @property EntryKind $kind
 * @property int $version
 * @property array<string, mixed> $payload
 * @property Carbon $recorded_at
 * @property int|null $recorded_by
 * @property string $by_name
 * @property string|null $supersedes
 * @property Job $job
 */
final class Entry extends Model
{
    use BootsByName;

    public const VERSION = 1;

    /** Of a hold test: another release may judge it otherwise. */
    private const COMPUTED = ['result', 'fit'];

    protected $table = 'entries';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.uP';

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return Builder<self> of any job, newest first */
    public static function newest(int $most): Builder
    {
        $query = self::query();
        $query->orderByDesc('recorded_at')->limit($most);

        return $query;
    }

    /** @return Collection<int, self> newest first, with their jobs; what only a newer release can read is left out */
    public static function latestOfAll(int $most): Collection
    {
        return self::newest($most)->whereIn('kind', array_column(EntryKind::cases(), 'value'))->with('job')->get();
    }

    /**
     * Whether this letter was kept before, word for word.
     *
     * @throws IdTaken If its id is another entry's: of another job, kind or author, or with other words.
     */
    public static function isKnown(Letter $letter, Job $job, Draft $draft): bool
    {
        $known = self::query()->find($letter->id);
        if ($known === null) {
            return false;
        }
        $isSame = $known->job_id === $job->id
            && $known->kind === $draft->kind
            && $known->recorded_by === $letter->by->id
            && $known->supersedes === $draft->supersedes
            && $known->said($known->payload) === $known->said($draft->payload);

        return $isSame || throw IdTaken::by($known);
    }

    /** @throws IdTaken If somebody used its id in the same moment. */
    public static function write(Letter $letter, Job $job, Draft $draft, int $seq): self
    {
        $entry = new self([
            'id' => $letter->id,
            'job_id' => $job->id,
            'seq' => $seq,
            'kind' => $draft->kind,
            'version' => self::VERSION,
            'payload' => $draft->payload,
            'recorded_at' => Date::now(),
            'recorded_by' => $letter->by->id,
            'by_name' => $letter->by->name,
            'supersedes' => $draft->supersedes,
        ]);
        // The job is locked, its ids are not: two jobs may be sent the same one at once.
        DB::table('entries')->insertOrIgnore($entry->getAttributes()) === 1
            || throw IdTaken::by(self::query()->findOrFail($letter->id));

        return $entry;
    }

    /**
     * What its author said, without what was computed of it, in whatever order the database keeps it.
     *
     * @param  array<array-key, mixed>  $payload
     */
    private function said(array $payload): string
    {
        return $this->asJson(self::sorted(array_diff_key($payload, array_flip(self::COMPUTED))));
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @return array<array-key, mixed>
     */
    private static function sorted(array $values): array
    {
        array_is_list($values) || ksort($values);

        return array_map(static fn (mixed $v): mixed => is_array($v) ? self::sorted($v) : $v, $values);
    }

    /**
     * The log of a job as the core reads it: from rows, not models, because every request reads it whole.
     *
     * @throws UnreadableEntry If a newer release wrote in it.
     */
    public static function logOf(Job $job): Log
    {
        $columns = ['id', 'seq', 'kind', 'payload', 'recorded_at', 'recorded_by', 'by_name', 'supersedes'];
        $query = DB::table('entries')->where('job_id', $job->id)->orderBy('seq')->select($columns);

        return Log::of(array_values($query->get()->map(self::rowToCore(...))->all()));
    }

    private static function rowToCore(stdClass $row): CoreEntry
    {
        /** @var stdClass&object{
         *     id: string, seq: int, kind: string, payload: string, recorded_at: string, recorded_by: int|null,
         *     by_name: string, supersedes: string|null
         * } $row */
        /** @var array<string, mixed> $payload */
        $payload = json_decode($row->payload, true, 512, JSON_THROW_ON_ERROR);

        return CoreEntry::of(
            $row->id,
            $row->seq,
            EntryKind::tryFrom($row->kind) ?? throw UnreadableEntry::laterKind($row->kind),
            $payload,
            new DateTimeImmutable($row->recorded_at),
            self::author($row->by_name, $row->recorded_by),
            $row->supersedes,
        );
    }

    /** Nobody of this shop signed what came in a file, whatever name stands in it. */
    private static function author(string $name, ?int $person): string
    {
        return $person === null ? "{$name}, from a file" : $name;
    }

    public function toCore(): CoreEntry
    {
        return CoreEntry::of(
            $this->id,
            $this->seq,
            $this->kind,
            $this->payload,
            DateTimeImmutable::createFromInterface($this->recorded_at),
            self::author($this->by_name, $this->recorded_by),
            $this->supersedes,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => EntryKind::class,
            'payload' => 'array',
            'recorded_at' => 'datetime',
            'seq' => 'integer',
            'version' => 'integer',
        ];
    }

    /** Fractions of a number stay fractions: 5.0 psi comes back as 5.0, not 5. */
    protected function asJson($value, $flags = 0): string
    {
        return json_encode(
            $value,
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
