<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeInterface;
use DustyJet\HoldTest\LiveHold;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Instrument\Measurand;
use DustyJet\Instrument\Sample;
use DustyJet\Quantity\PressureUnit;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * An instrument on a job: its samples from when it was put there until the run ended.
 *
 * @property string $id
 * @property string $job_id
 * @property string $instrument_id
 * @property int $opened_by
 * @property array<string, mixed> $setup as RunSetup keeps it
 * @property Carbon $opened_at
 * @property Carbon|null $ended_at
 * @property float|null $skew seconds the clock here is ahead of the instrument's, at least
 * @property float|null $judged_at seconds by the instrument
 * @property float|null $held_from seconds by the instrument
 * @property array<string, mixed>|null $verdict as RunVerdict keeps it
 * @property string $said
 * @property-read Job $job
 * @property-read Instrument $instrument
 * @property-read Person $opener
 */
final class LiveRun extends Model
{
    use HasUuids;

    protected $table = 'live_runs';

    public $timestamps = false;

    protected $guarded = [];

    /** A gauge that says nothing for this long was switched off. From memory. */
    private const SILENT_SECONDS = 600.0;

    /** Samples that show how far a run is: a minute of a fast gauge. */
    private const LATEST = 1200;

    protected $dateFormat = 'Y-m-d H:i:s.uP';

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<Instrument, $this> */
    public function instrument(): BelongsTo
    {
        return $this->belongsTo(Instrument::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function opener(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'opened_by');
    }

    public static function openOn(Job $job): ?self
    {
        $query = self::query();

        return $query->with('instrument')->where('job_id', $job->id)->whereNull('ended_at')->first();
    }

    public static function openOf(Instrument $instrument): ?self
    {
        $query = self::query();

        return $query->where('instrument_id', $instrument->id)->whereNull('ended_at')->first();
    }

    /** Whether nothing was heard for so long that the instrument is off. */
    public function isSilent(DateTimeInterface $now): bool
    {
        $newest = DB::table('samples')->where('run_id', $this->id)->max('seconds');
        $heard = is_numeric($newest) ? (float) $newest + ($this->skew ?? 0.0) : (float) $this->opened_at->format('U.u');

        return (float) $now->format('U.u') - $heard > self::SILENT_SECONDS;
    }

    /** @param  list<Sample>  $samples corrected */
    public function keep(array $samples): void
    {
        DB::table('samples')->insertOrIgnore(array_map(
            fn (Sample $s): array => [
                'run_id' => $this->id,
                'seq' => $s->seq,
                'channel' => $s->channel,
                'seconds' => $s->seconds,
                'value' => $s->value,
            ],
            $samples,
        ));
    }

    /**
     * @param  int  $most of the newest
     *
     * @return list<Sample> by their numbers
     */
    public function samples(int $after = 0, int $most = 200_000): array
    {
        $rows = DB::table('samples')
            ->where('run_id', $this->id)
            ->where('seq', '>', $after)
            ->orderByDesc('seq')
            ->limit($most)
            ->get(['seq', 'channel', 'seconds', 'value']);
        $samples = [];
        foreach ($rows as $row) {
            /** @var object{seq: int, channel: int, seconds: float, value: float} $row */
            $samples[] = new Sample((int) $row->seq, (float) $row->seconds, (float) $row->value, (int) $row->channel);
        }

        return array_reverse($samples);
    }

    /** @return list<Sample> since a moment of the instrument's clock */
    public function samplesSince(float $seconds): array
    {
        $row = DB::table('samples')->where('run_id', $this->id)->where('seconds', '<', $seconds)->max('seq');

        return $this->samples(is_numeric($row) ? (int) $row : 0);
    }

    /** How far it is, by its latest samples. */
    public function hold(): LiveHold
    {
        $latest = $this->samples(most: self::LATEST);

        return LiveHold::of(
            array_map(static fn (Sample $s): float => $s->seconds, $latest),
            array_map(static fn (Sample $s): float => abs($s->value), $latest),
            $this->held_from,
        );
    }

    public function isForPops(): bool
    {
        return $this->setUp()->purpose === RunPurpose::Pops;
    }

    /** Whether it is watched where the engine runs, and logged by hand. */
    public function isAtRun(): bool
    {
        return $this->setUp()->purpose->isAtRun();
    }

    public function isVacuum(): bool
    {
        return $this->instrument->measurand === Measurand::Vacuum;
    }

    /**
     * @param  list<Sample>  $samples of the hold
     *
     * @throws \DustyJet\Rejected If they are no trace.
     */
    public function trace(array $samples): PressureTrace
    {
        $readings = [];
        $before = -INF;
        $first = $samples[0]->seconds ?? 0.0;
        foreach ($samples as $sample) {
            // Two readings of one moment say no more than one.
            if ($sample->seconds > $before) {
                $readings[] = [$sample->seconds - $first, $sample->value];
                $before = $sample->seconds;
            }
        }

        return PressureTrace::of($readings, PressureUnit::Kilopascal, $this->isVacuum(), $this->instrument->step);
    }

    /** Address of the page that watches it. */
    public function page(): string
    {
        $purpose = $this->setUp()->purpose;

        return match ($purpose) {
            RunPurpose::Columns => route('stations.show', [$this->job_id, 'run', 'screw' => 'balance']),
            RunPurpose::Speed => route('stations.show', [$this->job_id, 'run']),
            RunPurpose::Hold, RunPurpose::Pops => route('stations.show', [$this->job_id, 'bench-test']),
        };
    }

    /** Another state of its virtual engine. */
    public function practice(PracticeState $state): void
    {
        $this->update(['setup' => RunSetup::watching($this->setUp()->purpose, $state)->toArray()]);
    }

    public function setUp(): RunSetup
    {
        return RunSetup::of($this->setup);
    }

    public function said(): ?RunVerdict
    {
        return $this->verdict === null ? null : RunVerdict::of($this->verdict);
    }

    /** The entry its end is logged as: always the same, so that it is logged once. */
    public function letter(): Letter
    {
        return Letter::of($this->opener, $this->entryId(), $this->job->log_length);
    }

    private function entryId(): string
    {
        return Uuid::uuid5($this->id, 'entry')->toString();
    }

    public function traceId(): string
    {
        return Uuid::uuid5($this->id, 'trace')->toString();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'setup' => 'array',
            'verdict' => 'array',
            'opened_at' => 'datetime',
            'ended_at' => 'datetime',
            'skew' => 'float',
            'judged_at' => 'float',
            'held_from' => 'float',
        ];
    }
}
