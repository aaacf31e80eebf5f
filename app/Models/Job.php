<?php

declare(strict_types=1);

namespace App\Models;

use App\Knowledge\Diagnoses;
use DustyJet\Carburetor\Families;
use DustyJet\Worksheet\Clocks\Clocks;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\StationState;
use DustyJet\Worksheet\Triage;
use DustyJet\Worksheet\Waits\Waits;
use DustyJet\Worksheet\Worksheet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One machine on the bench. Its truth is its entries; the other columns are what the board shows of them.
 *
 * @property string $id
 * @property string $number
 * @property string $family
 * @property Carbon $opened_at
 * @property string $machine
 * @property string|null $engine
 * @property string|null $serial
 * @property string|null $customer
 * @property string|null $variant
 * @property string $complaint
 * @property Carbon|null $promised_at
 * @property string $station
 * @property array<string, array{done: bool, stale: int}> $line
 * @property string|null $next_move
 * @property int|null $next_minutes
 * @property int $stale_count
 * @property Carbon|null $handed_back_at
 * @property int $log_length
 * @property Carbon|null $logged_at the latest entry's
 * @property Carbon|null $clock_due_at
 * @property string|null $clock_name
 * @property string $waits_for empty when it waits for nothing
 * @property Carbon|null $waits_until
 * @property string $came_back_from number of the job it comes back from, or empty
 */
final class Job extends Model
{
    use BootsByName;
    use HasUuids;

    private const LONGEST_NUMBER = 20;

    protected $table = 'jobs';

    public $timestamps = false;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.uP';

    /** Its number in the file it was just taken from, where another job here has that. */
    public ?string $numberInFile = null;

    /** @return HasMany<Entry, $this> */
    public function entries(): HasMany
    {
        $entries = $this->hasMany(Entry::class);
        $entries->orderBy('seq');

        return $entries;
    }

    /** @return HasMany<Trace, $this> */
    public function traces(): HasMany
    {
        $traces = $this->hasMany(Trace::class);
        $traces->orderBy('id');

        return $traces;
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        $photos = $this->hasMany(Photo::class);
        $photos->orderBy('id');

        return $photos;
    }

    /** @return HasMany<ReportLink, $this> */
    public function links(): HasMany
    {
        return $this->hasMany(ReportLink::class);
    }

    /** @return HasMany<LiveRun, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(LiveRun::class);
    }

    /** @return Builder<self> soonest promised first */
    public static function onTheBench(): Builder
    {
        $query = self::query();
        $query->whereNull('handed_back_at')->orderByRaw('promised_at nulls last')->orderBy('number');

        return $query;
    }

    /** @return Builder<self> newest first */
    public static function latestHandedBack(int $most): Builder
    {
        $query = self::query();
        $query->whereNotNull('handed_back_at')->orderByDesc('handed_back_at')->limit($most);

        return $query;
    }

    /** @return Collection<int, self> of a family, newest first */
    public static function latestOf(string $family, int $most): Collection
    {
        return self::query()->where('family', $family)->orderByDesc('opened_at')->limit($most)->get();
    }

    public function worksheet(Families $families): Worksheet
    {
        return Worksheet::replay($families->of($this->family), Entry::logOf($this));
    }

    /**
     * Adds one entry to the log, once: the same letter again adds nothing. Call inside a transaction.
     *
     * @throws \DustyJet\Rejected If the entry means nothing here, the log has moved on, or its id is another entry's.
     */
    public function log(Families $families, Diagnoses $diagnoses, Letter $letter, Draft $draft): Worksheet
    {
        $alone = self::query();
        $alone->lockForUpdate();
        $alone->findOrFail($this->id);
        $sheet = $this->worksheet($families);
        if (Entry::isKnown($letter, $this, $draft)) {
            return $sheet;
        }
        $draft->refuseUnlessMeantFor($sheet, $letter->seen);
        (new Triage($diagnoses->catalogue($sheet), $sheet))->refuseUnlessKnown($draft);
        $after = $sheet->with(Entry::write($letter, $this, $draft, $sheet->log->length() + 1)->toCore());
        $this->reflect($after, $diagnoses);

        return $after;
    }

    /** Refreshes what the board shows from a replayed sheet. */
    public function reflect(Worksheet $sheet, Diagnoses $diagnoses): void
    {
        $this->fill([
            ...$this->machineOf($sheet),
            ...self::progressOf($sheet, $diagnoses),
            ...self::clockOf($sheet),
            ...self::waitOf($sheet),
        ])->save();
    }

    /** @return array<string, mixed> */
    private function machineOf(Worksheet $sheet): array
    {
        $intake = $sheet->intake;

        return [
            'machine' => mb_substr($intake->machine ?? $this->machine, 0, 200),
            'engine' => mb_substr($intake->engine ?? '', 0, 200),
            'serial' => mb_substr($intake->serial ?? '', 0, 200),
            'customer' => mb_substr($intake->customer ?? '', 0, 200),
            'variant' => mb_substr($intake->variant ?? '', 0, 40),
            'complaint' => mb_substr($intake->complaint ?? $this->complaint, 0, 1000),
            'promised_at' => $intake?->promisedAt,
        ];
    }

    /** @return array<string, mixed> */
    private static function progressOf(Worksheet $sheet, Diagnoses $diagnoses): array
    {
        $triage = new Triage($diagnoses->catalogue($sheet), $sheet);
        $next = $sheet->moves($triage->leads() ? $diagnoses->of($triage) : null, $triage->safety())[0] ?? null;
        $state = static fn (StationState $s): array => ['done' => $s->isDone(), 'stale' => $s->stale];

        return [
            'station' => $sheet->station()->value,
            'line' => array_map($state, $sheet->stations),
            'next_move' => $next?->do,
            'next_minutes' => $next?->minutes,
            'stale_count' => count($sheet->of(Staleness::class)->items()),
            'handed_back_at' => $sheet->handedBackAt,
            'log_length' => $sheet->log->length(),
            'logged_at' => $sheet->log->lastAt(),
        ];
    }

    /** @return array<string, mixed> */
    private static function clockOf(Worksheet $sheet): array
    {
        $clock = $sheet->of(Clocks::class)->next();

        return ['clock_due_at' => $clock?->dueAt(), 'clock_name' => mb_substr($clock->name ?? '', 0, 40)];
    }

    /** @return array<string, mixed> */
    private static function waitOf(Worksheet $sheet): array
    {
        $wait = $sheet->handedBackAt === null ? $sheet->of(Waits::class)->now : null;

        return [
            'waits_for' => mb_substr($wait?->said() ?? '', 0, 300),
            'waits_until' => $wait?->until,
            'came_back_from' => mb_substr($sheet->of(Ticket::class)->comesBackFrom ?? '', 0, 40),
        ];
    }

    /** That number, or where a machine here has its plate already, the same with what makes it another. */
    public static function freeNumber(string $wanted): string
    {
        for ($n = 1, $number = $wanted; self::query()->where('number', $number)->exists();) {
            $number = mb_substr($wanted, 0, self::LONGEST_NUMBER - 4).'-'.++$n;
        }

        return $number;
    }

    /** The job this machine came back from, where that is on file. */
    public function cameBackFrom(): ?self
    {
        if ($this->came_back_from === '') {
            return null;
        }

        return self::query()->where('number', $this->came_back_from)->first();
    }

    /** @return Collection<int, self> jobs in which this machine came back, oldest first */
    public function comeBacks(): Collection
    {
        $query = self::query();
        $query->where('came_back_from', $this->number)->where('came_back_from', '<>', '')->orderBy('opened_at');

        return $query->get();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'opened_at' => 'datetime',
            'logged_at' => 'datetime',
            'promised_at' => 'datetime',
            'handed_back_at' => 'datetime',
            'clock_due_at' => 'datetime',
            'waits_until' => 'datetime',
            'line' => 'array',
            'log_length' => 'integer',
            'stale_count' => 'integer',
            'next_minutes' => 'integer',
        ];
    }
}
